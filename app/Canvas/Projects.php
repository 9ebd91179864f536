<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Note;
use App\Models\Project;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Kindred\Document\Command\DuplicateScreen;
use Kindred\Document\Tree;
use Kindred\Exchange\FileNote;
use Kindred\Exchange\ProjectFile;
use Kindred\Layout\Consequences;

/** Whole projects: into and out of files, and copies. */
final readonly class Projects
{
    public function __construct(
        private TreeStore $store,
        private Assets $assets,
        private ConnectionInterface $database,
        private Consequences $consequences,
    ) {
    }

    public function file(Project $project): ProjectFile
    {
        $tree = $this->store->whole($project);

        return new ProjectFile($tree, $this->assets->all($project, ProjectFile::hashes($tree)), array_map(fn (Note $note): FileNote => new FileNote(
            $note->number, $note->screen, $note->layer, $note->x, $note->y, $note->words, $note->resolved, $note->writer(), $note->created_at->toIso8601String(),
        ), array_values(Note::of($project)->all())));
    }

    /** @throws \Kindred\Input\InvalidInput when the file is not a project, or a picture in it is none */
    public function import(User $owner, string $json): Project
    {
        return $this->keep($owner, ProjectFile::read($json));
    }

    public function duplicate(Project $project): Project
    {
        $file = $this->file($project);
        $owner = $project->user()->firstOrFail();
        $name = DuplicateScreen::countedUp($project->name, array_map(strval(...), array_values($owner->projects()->pluck('name')->all())));

        return $this->keep($owner, new ProjectFile($file->tree->withProject($file->tree->project->with(name: $name)), $file->pictures, $file->notes));
    }

    /**
     * The screen that stands for each project on the shelf, with its picture's revision.
     *
     * @param  Collection<int, Project>  $projects
     * @return array<int, array{id: string, revision: int}>
     */
    public function faces(Collection $projects): array
    {
        $entries = $projects->pluck('entry', 'id');
        $faces = [];
        $rows = $this->database->table('screens')->whereIn('project_id', $projects->modelKeys())->where('gone', false)->whereNull('take->of')->orderBy('rank')->get(['project_id', 'id', 'changed']);
        foreach ($rows as $row) {
            if (! isset($faces[$row->project_id]) || $entries[$row->project_id] === $row->id) {
                $faces[$row->project_id] = ['id' => $row->id, 'revision' => (int) $row->changed];
            }
        }

        return $faces;
    }

    private function keep(User $owner, ProjectFile $file): Project
    {
        return $this->database->transaction(function () use ($owner, $file): Project {
            $project = $owner->projects()->create($file->tree->project->toArray());
            $this->assets->adopt($project, $file->pictures);
            // Sizes that follow from the words are worked out anew: a file written by hand need not have them.
            $this->store->fill($project, $this->consequences->of(new Tree($file->tree->project), $file->tree));

            foreach ($file->notes as $note) {
                $project->notes()->forceCreate(['user_id' => $owner->id, 'created_at' => $note->written === '' ? now() : Carbon::parse($note->written)] + array_diff_key($note->toArray(), ['written' => 1, 'screen' => 1, 'layer' => 1]) + ['screen' => $note->screen, 'layer' => $note->layer]);
            }

            return $project;
        });
    }
}
