<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Render\Renderer;
use Kindred\Stress\Strains;
use Kindred\Stress\Stress;

/** A screen under strain: long words, other languages, larger text, other devices. */
final class StressController extends Controller
{
    public function __construct(private readonly TreeLoader $store)
    {
    }

    /** The strains that there are, each to be asked for by itself. */
    public function index(Project $project, string $screen): View
    {
        $tree = $this->tree($project, $screen);

        return view('wall.stress', ['screen' => $tree->screen($screen), 'strains' => Strains::for($tree, $screen)]);
    }

    /** One of them, with what breaks under it; nothing where it has nothing to say to the screen. */
    public function show(Project $project, string $screen, string $strain, Stress $stress, Renderer $renderer, Pictures $pictures): View|Response
    {
        $tree = $this->tree($project, $screen);
        $found = Strains::find($tree, $screen, $strain) ?? abort(404);
        $strained = $stress->under($tree, $screen, $found);
        if ($strained === null) {
            return response()->noContent();
        }
        $on = $strained->tree->screen($screen);

        return view('wall.strained', ['screen' => $on, 'strained' => $strained, 'picture' => $renderer->screen($strained->tree, $on, $pictures->variant($project, "{$strain}-"))]);
    }

    private function tree(Project $project, string $screen): Tree
    {
        $tree = $this->store->load($project, new WorkingSet(whole: [$screen], reel: true));
        $tree->screen($screen);

        return $tree;
    }
}
