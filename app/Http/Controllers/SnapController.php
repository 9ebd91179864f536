<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\CellName;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Document\Place;
use Kindred\Document\WorkingSet;
use Kindred\Layout\Relayout;
use Kindred\Layout\Snaps;

/** What a gesture snaps to, asked for when it begins. */
final class SnapController extends Controller
{
    public function show(Request $request, Project $project, TreeLoader $store, Relayout $relayout): JsonResponse
    {
        [$screen, $parent] = [$this->asked($request, 'screen'), CellName::of($this->asked($request, 'parent'))];
        $place = new Place($screen === '' ? null : $screen, $parent->layer === '' ? null : $parent->layer);
        $tree = $store->load($project, new WorkingSet(
            screens: $place->screen === null ? [] : [$place->screen],
            layers: $place->parent === null ? [] : [$place->parent],
            siblings: [$place],
            reel: $place->screen === null,
        ));

        // In a cell of an array everything lies as in the first, further along.
        $area = $parent->cell($tree, $relayout)?->area;
        $moving = array_map(fn (string $name): string => CellName::of($name)->layer, $this->askedList($request, 'layers', 5000));

        return new JsonResponse(['by' => ['x' => $area->x ?? 0, 'y' => $area->y ?? 0]] + Snaps::of($tree, $place, $moving)->toArray());
    }
}
