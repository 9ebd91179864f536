<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\StyleDraft;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A look that is computed from a colour and a few choices, shown before it is taken. */
final class SchemeController extends Controller
{
    public function show(Request $request, Project $project, StyleDraft $draft): JsonResponse
    {
        $made = $draft->of($project, $request->json()->all());

        return new JsonResponse(['commands' => $made['commands'], 'html' => view('house.scheme', $made + ['pictures' => $draft->pictures($project, $made['commands'])])->render()]);
    }
}
