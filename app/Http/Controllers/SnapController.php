<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\TreeStore;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Document\Place;
use Kindred\Document\WorkingSet;
use Kindred\Layout\Snaps;

/** What a gesture snaps to, asked for when it begins. */
final class SnapController extends Controller
{
    public function show(Request $request, Project $project, TreeStore $store): JsonResponse
    {
        [$screen, $parent] = [$this->asked($request, 'screen'), $this->asked($request, 'parent')];
        $place = new Place($screen === '' ? null : $screen, $parent === '' ? null : $parent);
        $tree = $store->load($project, new WorkingSet(
            screens: $place->screen === null ? [] : [$place->screen],
            layers: $place->parent === null ? [] : [$place->parent],
            siblings: [$place],
            reel: $place->screen === null,
        ));

        return new JsonResponse(Snaps::of($tree, $place, $this->askedList($request, 'layers', 5000))->toArray());
    }
}
