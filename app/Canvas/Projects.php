<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Fonts\Fonts;
use App\Models\Note;
use App\Models\Project;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use Kindred\Command\DuplicateScreen;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\FileNote;
use Kindred\Exchange\ProjectFile;
use Kindred\Exchange\ProjectReader;
use Kindred\Layout\Consequences;
use Kindred\Type\FaceBook;

/** Whole projects: into and out of files, and copies. None is ever held as a whole. */
final readonly class Projects
{
    /** Bytes of a file that are read at once. */
    private const CHUNK = 1 << 18;

    public function __construct(
        private TreeLoader $store,
        private TreeWriter $writer,
        private Assets $assets,
        private ConnectionInterface $database,
        private Consequences $consequences,
        private TreeRows $rows,
        private Fonts $fonts,
        private FaceBook $faces,
        private Pictures $pictures,
        private Checks $checks,
    ) {
    }

    /**
     * A project file piece by piece, all of it as it was at the first one.
     *
     * @return \Generator<int, string>
     */
    public function pieces(Project $project): \Generator
    {
        $this->database->beginTransaction();
        try {
            $tree = $this->store->withoutLayers($project);
            yield from ProjectFile::pieces(
                $tree->project,
                $tree->screensInOrder(),
                fn (?string $screen) => $this->store->layersOf($project, $screen),
                $tree,
                $this->notes($project),
                fn (array $hashes) => $this->assets->each($project, $hashes),
            );
        } finally {
            $this->database->rollBack();
        }
    }

    /** @throws \Kindred\Input\InvalidInput when the file is not a project, or a picture in it is none */
    public function import(User $owner, string $json): Project
    {
        return $this->read($owner, str_split($json, self::CHUNK));
    }

    /**
     * Brings in a project file of any size.
     *
     * @param  (\Closure(int): void)|null  $progress  told how many bytes are read; what it throws ends the reading, and nothing is kept
     *
     * @throws \Kindred\Input\InvalidInput when the file is not a project, or a picture in it is none
     */
    public function importFile(User $owner, string $path, ?\Closure $progress = null): Project
    {
        $file = fopen($path, 'rb') ?: throw new \RuntimeException("The file {$path} cannot be opened.");
        $chunks = (function () use ($file, $progress): \Generator {
            for ($read = 0; ($chunk = fread($file, self::CHUNK)) !== false && $chunk !== ''; $read += strlen($chunk)) {
                $progress === null ?: $progress($read);
                yield $chunk;
            }
        })();
        try {
            return $this->read($owner, $chunks);
        } finally {
            fclose($file);
        }
    }

    /** A copy with all but the history: its edits, and what was deleted, stay with the original. */
    public function duplicate(Project $project): Project
    {
        $owner = $project->user()->firstOrFail();
        $name = DuplicateScreen::countedUp($project->name, array_map(strval(...), array_values($owner->projects()->pluck('name')->all())));

        $before = $this->store->revisions($project);
        $copy = $this->database->transaction(function () use ($project, $owner, $name): Project {
            $copy = $owner->projects()->create(['name' => $name, 'entry' => $project->entry, 'finish' => $project->finish, 'framed' => $project->framed, 'fonts' => $project->fonts, 'icons' => $project->icons, 'theme' => $project->theme, 'look' => $project->look]);
            $this->writer->copy($project, $copy);
            $this->assets->copy($project, $copy);
            $columns = 'user_id, number, screen, layer, x, y, words, author, resolved, created_at, updated_at';
            $this->database->insert("insert into notes (project_id, {$columns}) select ?, {$columns} from notes where project_id = ? and deleted_at is null", [$copy->id, $project->id]);

            return $copy;
        });
        // Only of screens that nobody has changed meanwhile.
        $same = array_intersect_assoc($before, $this->store->revisions($project));
        $this->pictures->carry($project, $copy, $same);
        $this->checks->carry($project, $copy, $same);

        return $copy;
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

    /** @return \Generator<int, FileNote> */
    private function notes(Project $project): \Generator
    {
        foreach (Note::query()->with('user')->where('project_id', $project->id)->oldest('number')->lazy(500) as $note) {
            yield new FileNote($note->number, $note->screen ?: null, $note->layer ?: null, $note->x, $note->y, $note->words, $note->resolved, $note->writer(), $note->created_at->toIso8601String());
        }
    }

    /** @param  iterable<string>  $chunks */
    private function read(User $owner, iterable $chunks): Project
    {
        return $this->database->transaction(function () use ($owner, $chunks): Project {
            $project = $owner->projects()->create(['name' => 'Untitled']);
            $arriving = new Arriving($project, $this->writer, $this->assets, $this->consequences, $this->fonts, $this->faces);
            $head = (new ProjectReader($chunks, $arriving))->read();
            $arriving->end();
            $project->forceFill(['layer_count' => $arriving->layers] + $this->rows->projectRow($head))->save();
            $this->fitInstances($project);

            return $project;
        });
    }

    /**
     * Instances that came before their components take their size, now that these are there, too.
     *
     * @throws \Kindred\Input\InvalidInput where a component would lie in itself
     */
    private function fitInstances(Project $project): void
    {
        $sheets = array_column($this->store->withoutLayers($project)->sheets(), 'id');
        if ($sheets === []) {
            return;
        }
        $tree = $this->store->load($project, new WorkingSet(components: $sheets, uses: $sheets), uses: true);
        $instances = array_filter($tree->layers, fn (Layer $layer): bool => $layer->component() !== null);
        $fitted = $this->consequences->of($tree->withoutLayers(...array_map(fn (Layer $layer): string => $layer->id, array_values($instances))), $tree);
        $difference = Difference::between($tree, $fitted);
        if (! $difference->isEmpty()) {
            $this->writer->write($project, $difference, $fitted, 0);
        }
    }
}
