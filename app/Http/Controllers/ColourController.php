<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Backdrop;
use App\Canvas\ColoursInUse;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What the colour field asks for. */
final class ColourController extends Controller
{
    /** The colours of the project, those that are used most first. */
    public function used(Project $project, ColoursInUse $colours): JsonResponse
    {
        return new JsonResponse($colours->of($project));
    }

    /** How a colour of a layer stands out against what lies behind it; empty where that cannot be said. */
    public function contrast(Request $request, Project $project, string $layer, Backdrop $backdrop): Response
    {
        $found = $backdrop->contrast($project, $layer, $this->asked($request, 'colour'));

        return $found === null ? response()->noContent() : response()->view('wall.contrast', $found);
    }
}
