<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Kindred\Flow\Programme;
use Kindred\Render\Renderer;

final class RehearseController extends Controller
{
    public function show(Request $request, Project $project, TreeLoader $store, Pictures $pictures, Renderer $renderer): View
    {
        $tree = $store->whole($project);
        $rendering = $pictures->played($project);
        $screens = [];
        foreach ($tree->reel() as $screen) {
            $screens[$screen->id] = $renderer->played($tree, $screen, $rendering);
        }
        $start = $this->asked($request, 'screen');

        return view('rehearse.index', [
            'project' => $project,
            'programme' => Programme::compile($tree),
            'screens' => $screens,
            'start' => isset($screens[$start]) ? $start : null,
        ]);
    }
}
