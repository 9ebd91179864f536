<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Document\Address;
use Kindred\Document\Place;
use Kindred\Document\WorkingSet;
use Kindred\Layout\Expansion;
use Kindred\Layout\Snaps;
use Kindred\Type\Typesetter;

/** What a gesture snaps to, asked for when it begins. */
final class SnapController extends Controller
{
    public function show(Request $request, Project $project, TreeLoader $store, Expansion $expansion, Typesetter $typesetter): JsonResponse
    {
        [$screen, $parent] = [$this->asked($request, 'screen'), Address::of($this->asked($request, 'parent'))];
        // What lies in an instance is kept on the sheet of its component.
        $kept = $parent->copies === [] ? null : ($store->load($project, new WorkingSet(layers: [$parent->layer]))->layers[$parent->layer] ?? null)?->screen;
        $place = new Place($kept ?? ($screen === '' ? null : $screen), $parent->layer === '' ? null : $parent->layer);
        $tree = $store->load($project, new WorkingSet(
            screens: $place->screen === null ? [] : [$place->screen],
            layers: $place->parent === null ? [] : Address::named([$parent]),
            siblings: [$place],
            reel: $place->screen === null,
        ));

        $by = $expansion->offset($tree, $parent);
        $moving = array_map(fn (string $name): string => Address::of($name)->layer, $this->askedList($request, 'layers', 5000));

        return new JsonResponse(['by' => ['x' => $by->x, 'y' => $by->y]] + Snaps::of($tree, $place, $moving, $typesetter)->toArray());
    }
}
