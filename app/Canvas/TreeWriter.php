<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project as ProjectRow;
use Illuminate\Database\ConnectionInterface;
use Kindred\Document\Change;
use Kindred\Document\Component\Uses;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Limits;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Thing;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Input\InvalidInput;

/** Writes what an edit has changed, and documents that come as a whole. */
final readonly class TreeWriter
{
    /** Those that are not kept among `things`. */
    private const TABLES = [Entity::Screen->value => 'screens', Entity::Layer->value => 'layers'];

    private const ROWS_AT_ONCE = 500;

    /** Each is looked for among the others. */
    private const BODIES_AT_ONCE = 200;

    public function __construct(private ConnectionInterface $database, private TreeRows $rows, private References $references)
    {
    }

    /** Writes a difference: `after` holds every value that it names. */
    public function write(ProjectRow $project, Difference $difference, Tree $after, int $sequence): void
    {
        $screens = $layers = $bodies = $things = $gone = [];
        foreach ($difference->changes as $change) {
            match (true) {
                $change->isRemoval() => $gone[$change->entity->value][] = $change->id,
                $change->entity === Entity::Project => $this->writeProject($project, $after->project),
                $change->entity === Entity::Screen => $screens[] = $this->rows->screenRow($project, $after->gone[$change->id] ?? $after->screen($change->id), $sequence),
                $change->entity === Entity::Layer && $this->changesBodyOnly($change) => $bodies[$change->id] = $this->rows->body($after->layer($change->id)),
                $change->entity === Entity::Layer => $this->sortIn($layers, $project, $after->layer($change->id), $this->changedLong($change), $sequence),
                default => $things[] = $this->rows->thingRow($project, $change->entity, $after->things($change->entity)[$change->id]),
            };
        }
        foreach ($layers as $long => $rows) {
            foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $chunk) {
                $this->database->table('layers')->upsert($chunk, ['project_id', 'id'], [...array_diff(TreeRows::LAYER, [...TreeRows::LONG, 'format']), ...array_filter(explode(' ', $long)), ...(str_contains($long, 'body') ? ['format'] : []), 'changed']);
            }
        }
        foreach (array_chunk($bodies, self::BODIES_AT_ONCE, true) as $chunk) {
            $this->writeBodies($project, $chunk, $sequence);
        }
        foreach (array_chunk($screens, self::ROWS_AT_ONCE) as $chunk) {
            $this->database->table('screens')->upsert($chunk, ['project_id', 'id'], [...TreeRows::SCREEN, 'changed']);
        }
        $this->database->table('things')->upsert($things, ['project_id', 'id'], ['rank', 'body']);
        foreach ($gone as $entity => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                $this->database->table(self::TABLES[$entity] ?? 'things')->where('project_id', $project->id)->whereIn('id', $chunk)->delete();
            }
        }
        $this->references->follow($project, $difference, $after);
        if ($this->refinished($difference)) {
            $this->database->table('screens')->where('project_id', $project->id)->update(['changed' => $sequence]);
        }
        $more = count(array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Layer && $change->isAddition())) - count($gone[Entity::Layer->value] ?? []) + $this->woken($project, $difference);
        if ($more !== 0) {
            $this->database->table('projects')->where('id', $project->id)->increment('layer_count', $more);
        }
        $touched = $this->pictured($difference, $after);
        if ($touched !== []) {
            $this->database->table('screens')->where('project_id', $project->id)->whereIn('id', $touched)->update(['changed' => $sequence]);
        }
    }

    /**
     * Whether what a difference adds still finds room in its project.
     *
     * @throws InvalidInput with the limit that it would pass
     */
    public function mustHaveRoom(ProjectRow $project, Difference $difference): void
    {
        $added = ['' => 0];
        $more = array_fill_keys(array_column(Entity::cases(), 'value'), 0);
        foreach ($difference->changes as $change) {
            $balance = $change->entity === Entity::Screen && $this->wakes($change) !== null ? ($this->wakes($change) ? 1 : -1) : $change->isAddition() <=> $change->isRemoval();
            $more[$change->entity->value] += $balance;
            if ($change->entity === Entity::Layer && $change->touches('screen')) {
                foreach ([[$change->before, -1], [$change->after, 1]] as [$side, $by]) {
                    if ($side !== null) {
                        $added[$side['screen'] ?? ''] = ($added[$side['screen'] ?? ''] ?? 0) + $by;
                    }
                }
            }
        }
        $more[Entity::Layer->value] += $this->woken($project, $difference);
        foreach (Entity::cases() as $entity) {
            $this->mustFit($more[$entity->value], $entity->kept()->max, $entity->kept()->where, $entity->kept()->called, fn (): int => match ($entity) {
                Entity::Layer => (int) $this->database->table('projects')->where('id', $project->id)->value('layer_count'),
                Entity::Screen => $this->rows->hung($project)->count(),
                default => $this->database->table('things')->where('project_id', $project->id)->where('entity', $entity->value)->count(),
            });
        }
        foreach ($added as $screen => $count) {
            $this->mustFit($count, Limits::MAX_LAYERS_OF_SCREEN, $screen === '' ? 'The wall beside the screens' : 'A screen', 'layers', fn (): int => $this->rows->layers($project)->where('screen', $screen)->count());
        }
    }

    /** Writes what a tree holds into a project that has none of it. */
    public function insert(ProjectRow $project, Tree $tree): void
    {
        if ($tree->screens !== []) {
            $this->database->table('screens')->insert(array_map(fn (Screen $screen): array => $this->rows->screenRow($project, $screen, 0), array_values($tree->screens)));
        }
        foreach (array_chunk($tree->layers, self::ROWS_AT_ONCE) as $layers) {
            $this->database->table('layers')->insert(array_map(fn (Layer $layer): array => $this->rows->layerRow($project, $layer, TreeRows::LONG, 0), $layers));
        }
        foreach (array_filter(Entity::cases(), fn (Entity $entity): bool => $entity->isPlain()) as $entity) {
            $this->database->table('things')->insert(array_map(fn (Thing $thing): array => $this->rows->thingRow($project, $entity, $thing), array_values($tree->things($entity))));
        }
        $this->references->insert($project, $tree);
    }

    /** Copies all that is not deleted into an empty project. */
    public function copy(ProjectRow $from, ProjectRow $to): void
    {
        [$screens, $layers] = array_map(fn (array $columns): string => implode(', ', array_map(fn (string $column): string => "`{$column}`", $columns)), [TreeRows::SCREEN, TreeRows::LAYER]);
        $this->database->insert("insert into screens (project_id, {$screens}) select ?, {$screens} from screens where project_id = ? and not gone", [$to->id, $from->id]);
        $this->database->insert("insert into layers (project_id, {$layers}) select ?, {$layers} from layers where project_id = ? and (screen = '' or screen in (select id from screens where project_id = ? and not gone))", [$to->id, $from->id, $from->id]);
        $this->database->insert('insert into things (project_id, entity, id, `rank`, body) select ?, entity, id, `rank`, body from things where project_id = ?', [$to->id, $from->id]);
        $this->references->copy($from, $to);
        $this->database->update('update projects set layer_count = (select count(*) from layers where project_id = ?) where id = ?', [$to->id, $to->id]);
    }

    /**
     * Whether what a difference adds has ids of its own: whoever made them knew only a part of the project.
     *
     * @throws InvalidInput where something has one of them already
     */
    public function mustBeNew(ProjectRow $project, Difference $difference): void
    {
        $added = [];
        foreach ($difference->changes as $change) {
            if ($change->isAddition()) {
                $added[self::TABLES[$change->entity->value] ?? 'things'][] = $change->id;
            }
        }
        foreach ($added as $table => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                if ($this->database->table($table)->where('project_id', $project->id)->whereIn('id', $chunk)->exists()) {
                    throw new InvalidInput('', 'What this would add has the id of something that is there already. Take the step again; nothing was changed.');
                }
            }
        }
    }

    /** Whether a change brings a deleted screen back (true) or deletes one (false); null for any other. */
    private function wakes(Change $change): ?bool
    {
        $gone = $change->before !== null && $change->after !== null && $change->touches('gone') ? ($change->after['gone'] ?? false) === true : null;

        return $gone === null ? null : ! $gone;
    }

    /** The change in the number of layers: those of restored screens, less those of deleted ones. */
    private function woken(ProjectRow $project, Difference $difference): int
    {
        $more = 0;
        foreach ([true, false] as $back) {
            $ids = array_map(fn (Change $change): string => $change->id, array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Screen && $this->wakes($change) === $back));
            $more += $ids === [] ? 0 : ($back ? 1 : -1) * $this->database->table('layers')->where('project_id', $project->id)->whereIn('screen', $ids)->count();
        }

        return $more;
    }

    /** @param  \Closure(): int  $now */
    private function mustFit(int $more, int $max, string $where, string $what, \Closure $now): void
    {
        if ($more > 0 && ($would = $now() + $more) > $max) {
            throw new InvalidInput('', "{$where} holds at most ".number_format($max)." {$what}; this would have ".number_format($would).'. Nothing was changed.');
        }
    }

    /** Whether all screens may look otherwise. */
    private function refinished(Difference $difference): bool
    {
        return array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Project && ($change->touches('finish', 'look') || $change->touchesAny(Project::FONT, Project::ICON))) !== [];
    }

    /**
     * The long columns that a change to a layer writes. Most edits move what is there already: what is long stays as it is.
     *
     * @return list<string>
     */
    private function changedLong(Change $change): array
    {
        $changed = array_keys(array_diff_key($change->after ?? [], array_flip(TreeRows::LAYER)));
        $rows = array_filter($changed, fn (string $key): bool => Sheet::isOfRows($key));

        return match (true) {
            $change->isAddition() => TreeRows::LONG,
            $rows !== [] => count($rows) === count($changed) ? ['sheet_rows'] : TreeRows::LONG,
            default => $changed === [] ? [] : ['body'],
        };
    }

    /** Whether a layer is where it was, and as large. */
    private function changesBodyOnly(Change $change): bool
    {
        return ! $change->isAddition() && $this->changedLong($change) === ['body'] && ! $change->touches(...array_diff(TreeRows::LAYER, TreeRows::LONG));
    }

    /**
     * Writes the bodies of layers and nothing else of them: about half as long as whole rows take, where a token changes many.
     *
     * @param  array<array-key, mixed>  $bodies  JSON by id
     */
    private function writeBodies(ProjectRow $project, array $bodies, int $sequence): void
    {
        $given = [];
        foreach ($bodies as $id => $body) {
            array_push($given, $id, $body);
        }
        $this->database->update('update layers set changed = ?, format = ?, body = case id'.str_repeat(' when ? then ?', count($bodies)).' end where project_id = ? and id in ('.implode(', ', array_fill(0, count($bodies), '?')).')',
            [$sequence, Upgrades::VERSION, ...$given, $project->id, ...array_keys($bodies)]);
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $sorted  rows of layers by the long columns that are written, added to
     * @param  list<string>  $long
     */
    private function sortIn(array &$sorted, ProjectRow $project, Layer $layer, array $long, int $sequence): void
    {
        $sorted[implode(' ', $long)][] = $this->rows->layerRow($project, $layer, $long, $sequence);
    }

    /** @return list<string> the screens whose picture a difference changes */
    private function pictured(Difference $difference, Tree $after): array
    {
        $screens = [];
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Layer) {
                foreach ([$change->before['screen'] ?? null, ($after->layers[$change->id] ?? null)?->screen] as $id) {
                    if (is_string($id)) {
                        $screens[$id] = true;
                    }
                }
            }
        }

        foreach (Uses::following($difference, $after) as $layer) {
            $screens += $layer->screen === null ? [] : [$layer->screen => true];
        }

        return array_map(strval(...), array_keys($screens));
    }

    private function writeProject(ProjectRow $row, Project $project): void
    {
        $columns = $this->rows->projectRow($project);
        $this->database->table('projects')->where('id', $row->id)->update($columns);
        $row->setRawAttributes([...$row->getAttributes(), ...$columns], true);
    }
}
