<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeStore;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Missing;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;
use Kindred\Kit\Bar;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetKind;
use Kindred\Render\Renderer;

/** The kit: what there is to place, and what a placed widget is made of. */
final class KitController extends Controller
{
    public function index(Project $project, TreeStore $store, Renderer $renderer, Pictures $pictures): View
    {
        $tree = $store->withLayersOf($project, []);
        $rendering = $pictures->shown($project)->in($tree->project->finish);

        return view('wall.kit', ['entries' => array_map(function (WidgetKind $kind) use ($tree, $renderer, $rendering): array {
            $layer = Layer::read(Reader::of(Kit::fresh($kind)), id: str_replace('-', '', $kind::key()), rank: 'm');

            return [
                'kind' => $kind,
                'size' => $kind->size(),
                'fresh' => Kit::fresh($kind),
                'bar' => $kind instanceof Bar ? ($kind->atFoot() ? 'foot' : 'head') : '',
                'picture' => $renderer->layer($tree, $layer, $rendering),
            ];
        }, Kit::search(''))]);
    }

    /** A widget as plain layers in a group. */
    public function parts(Project $project, string $layer, TreeStore $store, Kit $kit): JsonResponse
    {
        $widget = $store->load($project, new WorkingSet(layers: [$layer]))->layer($layer);
        if (! $widget->content instanceof Widget) {
            throw Missing::layer($layer);
        }
        $children = array_map(fn (Layer $part): array => ['id' => $part->id] + $part->properties(), $kit->parts($widget));

        return new JsonResponse(['kind' => 'group', 'name' => $widget->name, 'x' => $widget->box->x, 'y' => $widget->box->y, 'width' => $widget->box->width, 'height' => $widget->box->height, 'children' => $children], options: JSON_UNESCAPED_UNICODE);
    }
}
