<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Projects;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kindred\Input\InvalidInput;

final class ShelfController extends Controller
{
    public function index(Request $request, Projects $projects): View
    {
        $words = mb_substr(trim($this->asked($request, 'q')), 0, 120);
        $found = $request->user()->projects()->matching($words)->limit(200)->get();

        return view($request->hasHeader('HX-Request') ? 'shelf.list' : 'shelf.index', [
            'projects' => $found,
            'faces' => $projects->faces($found),
            'words' => $words,
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $project = $request->user()->projects()->create($this->named($request));

        return redirect()->route('wall', $project);
    }

    public function update(Request $request, Project $project): RedirectResponse
    {
        $project->update($this->named($request));

        return redirect()->route('shelf');
    }

    public function duplicate(Project $project, Projects $projects): RedirectResponse
    {
        $copy = $projects->duplicate($project);

        return redirect()->route('shelf')->with('said', "“{$project->name}” was duplicated as “{$copy->name}”.");
    }

    public function destroy(Project $project): RedirectResponse
    {
        $project->delete();

        return redirect()->route('shelf')->with('deleted', ['id' => $project->id, 'name' => $project->name]);
    }

    public function restore(Project $project): RedirectResponse
    {
        $project->restore();

        return redirect()->route('shelf')->with('said', "“{$project->name}” is back.");
    }

    public function import(Request $request, Projects $projects): RedirectResponse
    {
        $file = $request->file('file');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            Uploads::mustHaveFit($file);
            throw new InvalidInput('', 'No file arrived. Choose a project file of at most 64 MB.');
        }

        return redirect()->route('wall', $projects->import($request->user(), (string) $file->get()));
    }

    /** @return array{name: string} */
    private function named(Request $request): array
    {
        /** @var array{name: string} $data */
        $data = $request->validate(['name' => ['required', 'string', 'max:120']]);

        return $data;
    }
}
