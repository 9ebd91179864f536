<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Exports;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Document\Address;
use Kindred\Document\Edit\Likeness;
use Kindred\Document\Edit\Look;
use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Layer\IconNames;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\LayerNest;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;
use Kindred\Layout\Expansion;
use Kindred\Library\Goods;
use Kindred\Type\OwnFace;

/** What is asked about layers that are selected: what is copied of them, and what is like them. */
final class SelectionController extends Controller
{
    /** The most layers that are found alike: as many as a command takes. */
    private const MAX = 2000;

    public function __construct(private readonly TreeLoader $store)
    {
    }

    /** Layers as they are copied, and the look of the last; of addresses in one copy, as they are there. */
    public function copy(Request $request, Project $project, Expansion $expansion): JsonResponse
    {
        $named = $this->named($request);
        $ids = Address::layersOf($named);
        $tree = $this->store->load($project, new WorkingSet(layers: Address::named($named)));
        $around = Address::areTogether($named) ? $expansion->around($tree, $named[0]) : [];
        $in = $around === [] ? $tree : end($around)->tree;
        $copied = $in->outermost($ids);
        $nests = array_map(fn (Layer $layer): array => LayerNest::of($in, $layer)->toArray(), $copied);
        // What is pasted into another project brings its icons and fonts along, and takes what it shows from this one as from a library.
        $all = array_merge([], ...array_map(fn (Layer $layer): array => $in->subtree($layer->id), $copied));
        $names = IconNames::in(...$all);
        $families = array_merge([], ...array_map(Families::of(...), $all));
        $fonts = array_values(array_filter($tree->project->fonts, fn (OwnFace $face): bool => in_array($face->family, $families, true)));
        $icons = array_values(array_filter($tree->project->icons, fn (OwnIcon $icon): bool => in_array($icon->name, $names, true)));

        return new JsonResponse(['layers' => $nests, 'needs' => Goods::neededBy(...$all), 'icons' => array_map(fn (OwnIcon $icon): array => $icon->toArray(), $icons), 'fonts' => array_map(fn (OwnFace $face): array => $face->toArray(), $fonts), 'style' => (object) Look::of($in->layer($ids[count($ids) - 1]))]);
    }

    /** What layers are called, by their ids. */
    public function names(Request $request, Project $project): JsonResponse
    {
        $layers = $this->store->load($project, new WorkingSet(layers: $ids = $this->ids($request)))->layers;

        return new JsonResponse((object) array_map(fn (Layer $layer): string => $layer->name, array_intersect_key($layers, array_flip($ids))));
    }

    /** The layers like those that are named, on the same screens or, with `everywhere`, in the whole project. */
    public function alike(Request $request, Project $project): JsonResponse
    {
        $by = Reader::of(['by' => $this->asked($request, 'by')])->enum('by', Likeness::class);
        $models = array_values(array_filter($this->store->load($project, new WorkingSet(layers: $ids = $this->ids($request)))->layers, fn (Layer $layer): bool => in_array($layer->id, $ids, true)));
        $screens = array_values(array_unique(array_map(fn (Layer $layer): ?string => $layer->screen, $models)));
        $tree = $this->asked($request, 'everywhere') === '' ? $this->store->withLayersOf($project, $screens) : $this->store->whole($project);
        $hung = array_filter($tree->layers, $tree->isHung(...));
        $found = array_map(fn (Layer $layer): array => ['id' => $layer->id, 'screen' => $layer->screen ?? ''], $by->among($hung, $models));

        return new JsonResponse(['layers' => array_slice($found, 0, self::MAX), 'more' => count($found) > self::MAX]);
    }

    /** The layers as a drawing of their own, for other programs. */
    public function svg(Request $request, Project $project, Exports $exports): Response
    {
        return response($exports->cutOut($project, $this->ids($request)), 200, self::headers('image/svg+xml'));
    }

    public function png(Request $request, Project $project, Exports $exports): Response
    {
        return response($exports->cutOutPng($project, $this->ids($request), min(3, max(1, $request->integer('scale', 1)))), 200, self::headers('image/png'));
    }

    /** @return non-empty-list<string> */
    private function ids(Request $request): array
    {
        return Address::layersOf($this->named($request));
    }

    /** @return non-empty-list<Address> */
    private function named(Request $request): array
    {
        $in = Reader::of(['layers' => $this->askedList($request, 'layers', self::MAX + 1)]);

        return Address::all($in, 'layers', self::MAX);
    }

    /** @return array<string, string> */
    private static function headers(string $type): array
    {
        return ['Content-Type' => $type, 'Content-Security-Policy' => "default-src 'none'; sandbox"];
    }
}
