<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Kindred\Document\Token\Themes;
use Kindred\Flow\Programme;
use Kindred\Layout\Expansion;
use Kindred\Layout\Relayout;
use Kindred\Layout\Shapes;
use Kindred\Layout\Turned;
use Kindred\Motion\Match\Flights;
use Kindred\Render\PlayedScreens;
use Kindred\Render\Renderer;

final class RehearseController extends Controller
{
    /** With `theme` in that one, whatever the screens show; with `turned` on devices that lie on their sides. */
    public function show(Request $request, Project $project, TreeLoader $store, Pictures $pictures, Renderer $renderer, Relayout $relayout, Expansion $expansion, Shapes $shapes): View
    {
        $whole = $store->whole($project);
        $theme = $this->asked($request, 'theme');
        $themed = $theme === '' ? $whole : $relayout->after($whole, Themes::shown($whole, $theme));
        $tree = $request->boolean('turned') ? (new Turned($relayout))->lay($themed) : $themed;
        $rendering = $pictures->played($project);
        $start = $this->asked($request, 'screen');

        return view('rehearse.index', [
            'project' => $project,
            'programme' => Programme::compile($tree, $relayout, new Flights($renderer, $expansion, $shapes, $rendering)),
            'screens' => (new PlayedScreens($renderer, $relayout))->templates($tree, $rendering),
            'start' => in_array($start, array_column($tree->reel(), 'id'), true) ? $start : null,
            'themes' => Themes::of($whole)->all(),
            'theme' => $theme,
        ]);
    }
}
