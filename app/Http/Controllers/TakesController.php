<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Kindred\Compare\Comparison;
use Kindred\Compare\Measures;
use Kindred\Compare\Prompts;
use Kindred\Document\Bounds;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Layout\Expansion;
use Kindred\Render\Renderer;

/** Two to four takes of a screen side by side: pictures, differences, measures, judgements. */
final class TakesController extends Controller
{
    private const MAX = 4;

    public function show(Request $request, Project $project, string $screen, TreeLoader $store, Pictures $pictures, Renderer $renderer, Expansion $expansion): View
    {
        $tree = $store->load($project, new WorkingSet(takes: [$screen], reel: true));
        $keeper = $tree->screen($screen);
        $all = $tree->takes($screen) ?: [$keeper];
        $shown = $this->chosen($all, $keeper, $this->askedList($request, 'with', 10));
        $first = $shown[0] ?? null;

        return view('wall.takes', [
            'project' => $project,
            'keeper' => $keeper,
            'all' => $all,
            'shown' => array_map(fn (Screen $take): array => [
                'take' => $take,
                'picture' => $renderer->screen($tree, $take, $pictures->variant($project, "{$take->id}-")),
                'layers' => $this->layers($tree, $take),
                'remarks' => $first === null || $take === $first ? [] : Comparison::between($tree, $first, $take)->remarks,
                'measures' => Measures::of($tree, $take, $expansion),
            ], $shown),
            'prompts' => Prompts::for($tree, $keeper),
        ]);
    }

    /**
     * Those that were asked for, or the keeper and the latest.
     *
     * @param  list<Screen>  $all
     * @param  list<string>  $asked
     * @return list<Screen>
     */
    private function chosen(array $all, Screen $keeper, array $asked): array
    {
        $wanted = array_values(array_filter($all, fn (Screen $take): bool => in_array($take->id, $asked, true)));
        if (count($wanted) < 2) {
            $latest = array_slice(array_values(array_filter($all, fn (Screen $take): bool => $take->id !== $keeper->id)), 1 - self::MAX);
            $wanted = array_values(array_filter($all, fn (Screen $take): bool => $take->id === $keeper->id || in_array($take, $latest, true)));
        }

        return array_slice($wanted, 0, self::MAX);
    }

    /**
     * Where the layers of a take lie that can be picked there, in px, the outermost first.
     *
     * @return list<array{layer: Layer, box: \Kindred\Geometry\Box, outer: bool}>
     */
    private function layers(Tree $tree, Screen $take): array
    {
        return array_map(fn (Layer $layer): array => ['layer' => $layer, 'box' => Bounds::of($tree, $layer), 'outer' => $layer->parent === null], array_values(array_filter($tree->layersOf($take->id), fn (Layer $layer): bool => ! $layer->hidden)));
    }
}
