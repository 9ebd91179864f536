<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Exports;
use App\Canvas\FlowMaps;
use App\Canvas\Raster;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Flow\Map\Drawing;

/** The flow of a project as a map, as a site map, and in seconds. */
final class FlowController extends Controller
{
    public function __construct(private readonly FlowMaps $maps)
    {
    }

    /** With `show` as `map`, `site` or `paths`; of paths with `from` and `to`, screens. */
    public function show(Request $request, Project $project): View
    {
        $tree = $this->maps->tree($project);
        $graph = $this->maps->graph($tree);
        $show = in_array($this->asked($request, 'show'), ['site', 'paths'], true) ? $this->asked($request, 'show') : 'map';
        $data = ['project' => $project, 'graph' => $graph, 'show' => $show];
        if ($show !== 'paths') {
            $drawing = new Drawing($graph, $show === 'site');

            return view('wall.flow', $data + ['map' => $this->maps->shown($project, $drawing), 'order' => $drawing->order()]);
        }
        $ids = array_keys($graph->screens);
        $from = isset($graph->screens[$this->asked($request, 'from')]) ? $this->asked($request, 'from') : (string) $graph->entry;
        $far = array_keys($graph->ranks);
        $to = isset($graph->screens[$this->asked($request, 'to')]) ? $this->asked($request, 'to') : ($far === [] ? (string) ($ids[1] ?? '') : $far[count($far) - 1]);
        $paths = $this->maps->paths($tree, $graph, $from, $to);

        return view('wall.flow', $data + ['from' => $from, 'to' => $to, 'paths' => $paths, 'takes' => $paths === [] ? [] : $this->maps->takes($tree, $paths[0])]);
    }

    public function svg(Request $request, Project $project): Response
    {
        return $this->file($request, $project, 'svg', 'image/svg+xml', fn (string $svg): string => $svg."\n");
    }

    public function pdf(Request $request, Project $project, Raster $raster): Response
    {
        return $this->file($request, $project, 'pdf', 'application/pdf', fn (string $svg): string => $raster->pdf([$svg]));
    }

    /** @param  \Closure(string): string  $made */
    private function file(Request $request, Project $project, string $ending, string $type, \Closure $made): Response
    {
        $site = $this->asked($request, 'show') === 'site';
        $drawing = new Drawing($this->maps->graph($this->maps->tree($project)), $site);

        return response($made($this->maps->alone($project, $drawing)), 200, [
            'Content-Type' => $type,
            'Content-Disposition' => Exports::disposition(Exports::fileName("{$project->name} ".($site ? 'site map' : 'flow')).".{$ending}"),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
