<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Assets;
use App\Canvas\Briefs;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Brief\Coverage;
use Kindred\Paint\Palette;

/** The brief: its page, search in it, and what it asks of one screen. It is changed by commands, as everything is. */
final class BriefController extends Controller
{
    public function __construct(private readonly Briefs $briefs)
    {
    }

    public function show(Project $project): View
    {
        return view('brief.index', ['project' => $project] + $this->briefs->of($project, ''));
    }

    public function body(Request $request, Project $project): View
    {
        return view('brief.body', ['project' => $project] + $this->briefs->of($project, mb_substr($this->asked($request, 'q'), 0, 200)));
    }

    public function ofScreen(Project $project, string $screen, TreeLoader $store): View
    {
        $tree = $store->whole($project);

        return view('wall.needs', ['screen' => $tree->screen($screen), 'tree' => $tree, 'coverage' => new Coverage($tree)]);
    }

    /** The main colours of a picture, most of it first. */
    public function colours(Project $project, string $hash, Assets $assets): JsonResponse
    {
        return new JsonResponse(array_map(fn (array $one): string => $one['colour']->toHex(), Palette::of($assets->pixels($project, $hash))));
    }
}
