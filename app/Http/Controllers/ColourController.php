<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\AtPoint;
use App\Canvas\Backdrop;
use App\Canvas\ColoursInUse;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Document\Address;
use Kindred\Document\Limits;
use Kindred\Geometry\Point;

/** What the colour field asks for. */
final class ColourController extends Controller
{
    /** The colours of the project, those that are used most first. */
    public function used(Project $project, ColoursInUse $colours): JsonResponse
    {
        return new JsonResponse($colours->of($project));
    }

    /** What makes up the colour at a point of a screen. */
    public function made(Request $request, Project $project, string $screen, AtPoint $at): Response
    {
        $asked = $request->validate(['x' => 'required|numeric|between:-100000,100000', 'y' => 'required|numeric|between:-100000,100000', 'off' => 'array|max:50', 'off.*' => 'string|max:200']);
        $shares = $at->of($project, $screen, new Point((float) $asked['x'], (float) $asked['y']), array_values($asked['off'] ?? []));

        return $shares === null ? abort(404) : response()->view('wall.made', ['shares' => $shares]);
    }

    /** How a colour of a layer stands out against what lies behind it; empty where that cannot be said. */
    public function contrast(Request $request, Project $project, string $layer, Backdrop $backdrop): Response
    {
        $copies = array_values(array_filter(explode('.', $this->asked($request, 'copies')), fn (string $copy): bool => $copy !== ''));
        $found = $backdrop->contrast($project, new Address($layer, array_slice($copies, 0, Limits::MAX_DEPTH)), $this->asked($request, 'colour'));

        return $found === null ? response()->noContent() : response()->view('wall.contrast', $found);
    }
}
