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
    /** Without a colour it begins with one of the project's own, which are told, too. */
    public function show(Request $request, Project $project, StyleDraft $draft): JsonResponse
    {
        $asked = $request->json()->all();
        $beginnings = ($asked['base'] ?? '') === '' ? $draft->beginnings($project) : [];
        $base = ($asked['base'] ?? '') === '' ? $draft->beginning($beginnings) : $asked['base'];
        $made = $draft->of($project, ['base' => $base] + $asked);

        return new JsonResponse(['base' => $base, 'beginnings' => $beginnings, 'commands' => $made['commands'], 'html' => view('house.scheme', $made + ['pictures' => $draft->pictures($project, $made['commands'])])->render()]);
    }
}
