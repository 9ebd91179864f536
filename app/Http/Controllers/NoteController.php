<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Exports;
use App\Canvas\NoteSheets;
use App\Canvas\TreeLoader;
use App\Models\Note;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Notes: listed and searched, written, changed, resolved, printed. */
final class NoteController extends Controller
{
    public function index(Request $request, Project $project, TreeLoader $store): View
    {
        $notes = Note::of($project);
        $search = mb_substr(trim($this->sent($request, 'q')), 0, 200);

        return view('wall.notes', [
            'project' => $project,
            'search' => $search,
            'notes' => $notes,
            'found' => array_flip(array_map(fn (Note $note): int => $note->id, array_filter($notes->all(), fn (Note $note): bool => $note->holds($search)))),
            'screens' => $store->withLayersOf($project, [])->screens,
        ]);
    }

    public function store(Request $request, Project $project, TreeLoader $store): View
    {
        $screen = $this->sent($request, 'screen');
        $place = array_map(fn (string $key): float => max(-100_000.0, min(100_000.0, (float) $this->sent($request, $key))), ['x', 'y']);
        $layer = $this->sent($request, 'layer');
        $words = $this->words($request);
        if ($screen !== '') {
            $store->withLayersOf($project, [])->screen($screen);
        }
        DB::transaction(function () use ($request, $project, $screen, $layer, $place, $words): void {
            // Numbers are given one after another.
            Project::query()->whereKey($project->id)->lockForUpdate()->value('id');
            if ($project->notes()->count() >= ProjectFile::MAX_NOTES) {
                throw new InvalidInput('words', 'A project holds at most '.number_format(ProjectFile::MAX_NOTES).' notes; delete some that are settled. Nothing was changed.');
            }
            $project->notes()->create([
                'user_id' => $this->person($request)->id, 'number' => 1 + (int) Note::withTrashed()->where('project_id', $project->id)->max('number'), 'screen' => $screen,
                'layer' => preg_match(Reader::ID, $layer) === 1 ? $layer : '', 'x' => $place[0], 'y' => $place[1], 'words' => $words,
            ]);
        });

        return $this->index($request, $project, $store);
    }

    public function update(Request $request, Project $project, int $note, TreeLoader $store): View
    {
        $found = $project->notes()->findOrFail($note);
        $changes = $request->has('words') ? ['words' => $this->words($request)] : [];
        $found->update($changes + ($request->has('resolved') ? ['resolved' => $request->boolean('resolved')] : []));

        return $this->index($request, $project, $store);
    }

    public function destroy(Request $request, Project $project, int $note, TreeLoader $store): View
    {
        $project->notes()->findOrFail($note)->delete();

        return $this->index($request, $project, $store);
    }

    /** Screens with their numbered marks and the list of notes, as PDF. */
    public function print(Project $project, NoteSheets $sheets): Response
    {
        $name = Exports::fileName("{$project->name}, notes").'.pdf';

        return response($sheets->pdf($project), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => Exports::disposition($name),
        ]);
    }

    /** A value of the address or of the body, as text. */
    private function sent(Request $request, string $key): string
    {
        $value = $request->input($key);

        return is_scalar($value) ? mb_scrub((string) $value, 'UTF-8') : '';
    }

    private function words(Request $request): string
    {
        $words = trim($this->sent($request, 'words'));
        if ($words === '') {
            throw new InvalidInput('words', 'A note needs some words. Nothing was changed.');
        }
        if (mb_strlen($words) > Note::MAX_LENGTH) {
            throw new InvalidInput('words', 'A note holds at most '.number_format(Note::MAX_LENGTH).' characters; this has '.number_format(mb_strlen($words)).'. Nothing was changed.');
        }

        return $words;
    }
}
