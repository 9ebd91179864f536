<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\FontsInUse;
use App\Canvas\TreeLoader;
use App\Fonts\Fonts;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Type\FaceBook;
use Kindred\Type\OwnFace;

/** Fonts of a project: what it has and what is missing, and those that come from outside. */
final class FontController extends Controller
{
    /** What the project has and what is missing; or the families as choices. */
    public function index(Request $request, Project $project, FontsInUse $fonts, FaceBook $faces, TreeLoader $store): View
    {
        if ($this->asked($request, 'as') === 'choice') {
            $store->load($project, new WorkingSet);

            return view('wall.families', ['families' => $faces->families()]);
        }

        return view('wall.fonts', ['fonts' => $fonts->of($project)]);
    }

    /** Opens a font; it is one of the project's once an edit puts it there. */
    public function store(Request $request, Project $project, Fonts $fonts): JsonResponse
    {
        $file = $request->file('font');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            Uploads::mustHaveFit($file);
            throw new InvalidInput('font', 'No font arrived. Choose a TTF, OTF, WOFF or WOFF2 file of at most '.intdiv(Fonts::MAX, 1 << 20).' MB.');
        }
        $family = trim($this->asked($request, 'family'));
        $taken = $fonts->take($project, (string) $file->get(), $file->getClientOriginalName(), self::axes($this->asked($request, 'axes')), $family === '' ? null : $family);

        return new JsonResponse(['fonts' => array_map(fn (OwnFace $face): array => $face->toArray(), $taken['faces']), 'axes' => $taken['axes']], 201);
    }

    /** @return array<string, float> where axes are pinned, by tag; what is none is left out */
    private static function axes(string $json): array
    {
        $axes = [];
        foreach (array_slice((array) json_decode($json, true), 0, 64) as $tag => $at) {
            if (preg_match('/^[\x20-\x7e]{4}$/', (string) $tag) === 1 && (is_int($at) || is_float($at))) {
                $axes[(string) $tag] = (float) $at;
            }
        }

        return $axes;
    }

    /** What pages need to show the fonts of a project. */
    public function styles(Project $project, TreeLoader $store): Response
    {
        $faces = array_map(fn (OwnFace $face): string => sprintf(
            '@font-face { font-family: "%s"; font-weight: %d; font-style: %s; font-display: swap; src: url("%s") format("woff2"); }',
            $face->family, $face->weight, $face->italic ? 'italic' : 'normal', route('asset', [$project, $face->asset], false),
        ), $store->load($project, new WorkingSet)->project->fonts);

        return response(implode("\n", $faces)."\n", 200, ['Content-Type' => 'text/css; charset=utf-8', 'Cache-Control' => 'private, no-cache']);
    }
}
