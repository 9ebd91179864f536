<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Projects;
use App\Http\Uploads;
use App\Jobs\ImportProject;
use App\Models\Project;
use App\Models\Work;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;

final class ShelfController extends Controller
{
    /** Bytes of a project file that is brought in while one waits for the answer. */
    private const AT_ONCE = 256 * 1024;

    /** Projects shown at once; a button brings the older ones. */
    private const PAGE = 200;

    /** Bytes; what is longer is kept from standing before others' files. */
    private const SHORT = 8 * 1024 * 1024;

    public function index(Request $request, Projects $projects): View
    {
        $words = mb_substr(trim($this->asked($request, 'q')), 0, 120);
        $found = $this->person($request)->projects()->matching($words)->simplePaginate(self::PAGE)->withQueryString();
        $view = match (true) {
            ! $request->hasHeader('HX-Request') => 'shelf.index',
            $found->onFirstPage() => 'shelf.list',
            default => 'shelf.entries',
        };

        return view($view, [
            'projects' => $found,
            'faces' => $projects->faces($found->getCollection()),
            'words' => $words,
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $project = $this->person($request)->projects()->create($this->named($request));

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

        return redirect("/#project-{$copy->id}")->with('said', "“{$project->name}” was duplicated as “{$copy->name}”.");
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
            throw new InvalidInput('', 'No file arrived. Choose a project file of at most '.(ProjectFile::MAX_BYTES >> 20).' MB.');
        }

        if ($file->getSize() <= self::AT_ONCE) {
            return redirect()->route('wall', $projects->importFile($this->person($request), (string) $file->getRealPath()));
        }
        $kept = storage_path('app/arriving');
        is_dir($kept) || mkdir($kept, 0700, true);
        $work = new Work(['name' => mb_strimwidth(mb_scrub($file->getClientOriginalName()), 0, 120, '…')]);
        $this->person($request)->works()->save($work);
        $queue = $file->getSize() <= self::SHORT ? 'short' : 'long';
        ImportProject::dispatch($work, $file->move($kept, "{$work->id}.json")->getPathname())->onQueue($queue);

        return redirect()->route('works.show', $work->id);
    }

    /** @return array{name: string} */
    private function named(Request $request): array
    {
        /** @var array{name: string} $data */
        $data = $request->validate(['name' => ['required', 'string', 'max:120']]);

        return $data;
    }
}
