<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Briefs;
use App\Canvas\CueList;
use App\Canvas\Editor;
use App\Canvas\Facets;
use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Document\Copies;
use Kindred\Document\Place;
use Kindred\Layout\OnDevice;
use Kindred\Layout\Overflow;
use Kindred\Render\Renderer;

/** The wall and the panels around it. */
final class WallController extends Controller
{
    public function __construct(private readonly TreeLoader $store)
    {
    }

    public function show(Project $project, Pictures $pictures, Facets $facets, Briefs $briefs): View
    {
        $tree = $this->store->withLayersOf($project, []);
        $current = isset($tree->screens[$project->entry]) ? $project->entry : ($tree->reel()[0]->id ?? null);

        return view('wall.index', [
            'project' => $project,
            'tree' => $tree,
            'pictures' => $drawn = $pictures->wall($project),
            'counts' => count($drawn) > 1 ? [] : $this->store->counts($project),
            'revisions' => $this->store->revisions($project),
            'devices' => Catalogue::all(),
            'current' => $current,
            'facets' => $facets->of($project, $current, []),
            'covered' => $briefs->counts($project),
        ]);
    }

    public function reel(Project $project, Briefs $briefs): View
    {
        return view('wall.reel', [
            'project' => $project,
            'tree' => $this->store->withLayersOf($project, []),
            'revisions' => $this->store->revisions($project),
            'covered' => $briefs->counts($project),
        ]);
    }

    public function outline(Project $project, string $screen): View
    {
        $id = $screen === 'loose' ? null : $screen;

        return view('wall.outline', ['tree' => $this->store->withLayersOf($project, [$id]), 'place' => new Place($id)]);
    }

    public function facets(Request $request, Project $project, Facets $facets): View
    {
        $screen = $this->asked($request, 'screen');

        return view('wall.facets', $facets->of($project, $screen === '' ? null : $screen, $this->askedList($request, 'layers', 5000), $this->askedList($request, 'screens', 500)));
    }

    /** One screen on every device of the catalogue, to look at. */
    public function devices(Project $project, string $screen, OnDevice $onDevice, Renderer $renderer, Pictures $pictures): View
    {
        $tree = $this->store->withLayersOf($project, [$screen]);
        $shown = array_map(function (Device $device) use ($tree, $screen, $onDevice, $renderer, $pictures, $project): array {
            $laid = $onDevice->lay($tree, $screen, $device);

            return [
                'device' => $device,
                'picture' => $renderer->screen($laid, $laid->screen($screen), $pictures->variant($project, "{$device->key}-")),
                'overflow' => Overflow::on($laid, $screen),
                'box' => $laid->screen($screen)->box,
            ];
        }, Catalogue::all());

        return view('wall.all-devices', ['screen' => $tree->screen($screen), 'shown' => $shown]);
    }

    /** Pictures of screens as the wall shows them, by screen. */
    public function pictures(Request $request, Project $project, Pictures $pictures): JsonResponse
    {
        return new JsonResponse((object) $pictures->ofScreens($project, $this->askedList($request, 'of', 500)), options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** What is made of the same parts as a container, anywhere in the project. */
    public function copies(Project $project, string $layer): View
    {
        $tree = $this->store->whole($project);
        $model = $tree->layer($layer);

        return view('wall.copies', ['tree' => $tree, 'model' => $model, 'copies' => Copies::of($tree, $model)]);
    }

    public function cues(Project $project, CueList $cues): View
    {
        return view('wall.cues', ['groups' => $cues->of($project)]);
    }

    public function history(Request $request, Project $project, Editor $editor): View
    {
        return view('wall.history', [
            'steps' => $editor->history($project, 60),
            'undo' => $editor->undoable($project, $this->person($request))?->label,
            'redo' => $editor->redoable($project, $this->person($request))?->label,
        ]);
    }
}
