<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Document\Chart\ChartForm;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Point;
use Kindred\Input\Reader;
use Kindred\Kit\Bar;
use Kindred\Kit\FreshChart;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetKind;
use Kindred\Render\Renderer;

/** The kit: what there is to place, and what a placed widget is made of. */
final class KitController extends Controller
{
    public function index(Project $project, TreeLoader $store, Renderer $renderer, Pictures $pictures): View
    {
        $tree = $store->withLayersOf($project, []);
        $sheets = $tree->sheets();
        $tree = $sheets === [] ? $tree : $store->withLayersOf($project, array_column($sheets, 'id'));
        $rendering = $pictures->shown($project)->in($tree->project->finish)->with(look: $tree->project->look);

        $entry = fn (string $key, string $name, string $tags, array $fresh, string $bar = ''): array => [
            'key' => $key,
            'name' => $name,
            'words' => mb_strtolower("{$name} {$tags}"),
            'fresh' => $fresh,
            'bar' => $bar,
            'picture' => $renderer->layer($tree, Layer::read(Reader::of($fresh), id: str_replace('-', '', $key), rank: 'm'), $rendering),
        ];

        $made = array_map(fn (Screen $sheet): array => ['component' => true] + $entry("component-{$sheet->id}", $sheet->name, 'component', self::use($tree, $sheet)), array_filter($sheets, fn (Screen $sheet): bool => $tree->design($sheet->id) !== []));

        return view('wall.kit', ['entries' => [
            ...$made,
            ...array_map(fn (WidgetKind $kind): array => $entry($kind::key(), $kind->name(), $kind->tags(), Kit::fresh($kind), $kind instanceof Bar ? ($kind->atFoot() ? 'foot' : 'head') : ''), Kit::search('')),
            ...array_map(fn (ChartForm $form): array => $entry(FreshChart::key($form), FreshChart::name($form), FreshChart::tags($form), FreshChart::of($form)), ChartForm::cases()),
        ]]);
    }

    /** @return array<string, mixed> a new instance of a component, as large as that is designed */
    private static function use(Tree $tree, Screen $sheet): array
    {
        $root = $tree->design($sheet->id)[0];

        return ['kind' => Instance::kind(), 'name' => $sheet->name, 'component' => $sheet->id, 'width' => $root->box->width, 'height' => $root->box->height, 'x' => 0, 'y' => 0];
    }

    /** What can be changed at a point of a widget: words or an icon where they stand, or a state; with `icon` where one goes that is laid down there. */
    public function spot(Request $request, Project $project, string $layer, TreeLoader $store, Kit $kit): JsonResponse
    {
        $widget = $store->load($project, new WorkingSet(layers: [$layer]))->layer($layer);
        if ($request->has('icon')) {
            return new JsonResponse($kit->iconPlace($widget, new Point((float) $this->asked($request, 'x'), (float) $this->asked($request, 'y'))));
        }
        $spot = $request->has('after')
            ? $kit->spotAfter($widget, $this->asked($request, 'after'))
            : $kit->spot($widget, new Point((float) $this->asked($request, 'x'), (float) $this->asked($request, 'y')));
        $part = $spot?->part;
        $style = $part?->content instanceof Text ? $part->content->style : null;

        return new JsonResponse($spot === null ? null : [
            'place' => $spot->place, 'words' => $spot->words, 'field' => $spot->field?->value, 'value' => $spot->value,
            'box' => $part === null ? null : ['x' => $part->box->x, 'y' => $part->box->y, 'width' => $part->box->width, 'height' => $part->box->height],
            'style' => $style?->toArray(), 'colour' => $part?->colour()?->toHex(),
        ], options: JSON_UNESCAPED_UNICODE);
    }
}
