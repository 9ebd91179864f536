<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project as ProjectRow;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Reference;
use Kindred\Document\Thing;
use Kindred\Document\Tree;

/**
 * What names what in projects: kept beside the rows, so that what depends on a thing is found at a cost of what does. What a
 * project itself names, its first screen, stands in its own row.
 */
final readonly class References
{
    private const ROWS_AT_ONCE = 500;

    /** Where layers name nothing but tokens. */
    private const BOUND = ['bound', 'fills', 'strokes', 'effects', 'masks'];

    public function __construct(private ConnectionInterface $database, private TreeRows $rows)
    {
    }

    /** Follows a difference: `after` holds every thing that it names. */
    public function follow(ProjectRow $project, Difference $difference, Tree $after): void
    {
        $things = $old = [];
        foreach ($difference->changes as $change) {
            $touched = $change->entity !== Entity::Project && ($change->isAddition() || $change->isRemoval() || ($change->touches(...Reference::where($change->entity)) && ! self::namesTheSame($change)));
            if ($touched && ! $change->isAddition()) {
                $old[$change->entity->value][] = $change->id;
            }
            if ($touched && ! $change->isRemoval()) {
                $things[$change->entity->value][$change->id] = $change->entity->of($after)[$change->id];
            }
        }
        foreach ($old as $entity => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                $this->all($project)->where('entity', $entity)->whereIn('id', $chunk)->delete();
            }
        }
        foreach ($things as $entity => $all) {
            $this->write($project, Entity::from($entity), $all);
        }
    }

    /** Whether only values have changed of what may be bound to tokens, and not what it is bound to. */
    private static function namesTheSame(Change $change): bool
    {
        $bound = fn (?array $side): array => preg_match_all('/"bound":\{[^}]*\}/', (string) json_encode($side), $found) > 0 ? $found[0] : [];

        return array_diff(array_keys(array_intersect_key($change->after ?? [], array_flip(Reference::where($change->entity)))), self::BOUND) === [] && $bound($change->before) === $bound($change->after);
    }

    /** Writes those of a tree into a project that has none of them. */
    public function insert(ProjectRow $project, Tree $tree): void
    {
        foreach (Entity::cases() as $entity) {
            if ($entity !== Entity::Project) {
                $this->write($project, $entity, $entity->of($tree));
            }
        }
    }

    /** Copies those of all that is not deleted into an empty project. */
    public function copy(ProjectRow $from, ProjectRow $to): void
    {
        $this->database->insert(<<<'SQL'
            insert into refers (project_id, entity, id, path, kind, target) select ?, entity, id, path, kind, target from refers r where project_id = ?
                and (entity <> 'screen' or exists (select 1 from screens s where s.project_id = r.project_id and s.id = r.id and not gone))
                and (entity <> 'layer' or exists (select 1 from layers l where l.project_id = r.project_id and l.id = r.id
                    and (l.screen = '' or exists (select 1 from screens s where s.project_id = l.project_id and s.id = l.screen and not gone))))
            SQL, [$to->id, $from->id]);
    }

    /** Finds all of a project anew, a screen at a time. */
    public function record(ProjectRow $project): void
    {
        $this->all($project)->delete();
        $this->write($project, Entity::Screen, $this->rows->readScreens($this->rows->screens($project)->get()));
        foreach ($this->rows->things($project) as $entity => $things) {
            $this->write($project, Entity::from($entity), $things);
        }
        foreach ($this->rows->everyLayer($project)->select('layers.screen')->distinct()->pluck('screen') as $screen) {
            $this->write($project, Entity::Layer, $this->rows->readLayers($this->rows->everyLayer($project)->where('screen', $screen)->get()));
        }
    }

    /**
     * What names some things, but for what was deleted.
     *
     * @param  list<string>  $ids
     * @param  string  $by  the property that names them, `cues`; empty for any
     * @return list<array{entity: Entity, id: string, path: string, target: string}>
     */
    public function to(ProjectRow $project, Entity $kind, array $ids, string $by, int $max): array
    {
        $rows = $this->present($project, $kind)->whereIn('refers.target', $ids)->where('refers.path', 'like', $by === '' ? '%' : "{$by}.%")
            ->orderBy('refers.entity')->orderBy('refers.id')->orderBy('refers.path')->limit($max)->get(['refers.entity', 'refers.id', 'refers.path', 'refers.target']);

        return array_values($rows->map(fn (\stdClass $row): array => ['entity' => Entity::from($row->entity), 'id' => (string) $row->id, 'path' => (string) $row->path, 'target' => (string) $row->target])->all());
    }

    /** @return array<string, int> by how many things each of a kind is named, but for what was deleted and those of one kind; by id */
    public function counts(ProjectRow $project, Entity $kind, ?Entity $but = null): array
    {
        return $this->present($project, $kind)->where('refers.entity', '<>', $but->value ?? '')->groupBy('refers.target')->selectRaw('refers.target, count(distinct refers.id) as many')
            ->pluck('many', 'target')->map(fn (mixed $many): int => is_numeric($many) ? (int) $many : 0)->all();
    }

    /** What names things of a kind, but for what was deleted. */
    private function present(ProjectRow $project, Entity $kind): Builder
    {
        $gone = fn (string $screen): \Closure => fn (Builder $query): Builder => $query->selectRaw('1')->from('screens')->whereColumn('screens.project_id', 'refers.project_id')->whereColumn('screens.id', $screen)->where('gone', true);

        return $this->all($project)->where('refers.kind', $kind->value)
            ->leftJoin('layers', fn ($join) => $join->on('layers.project_id', 'refers.project_id')->on('layers.id', 'refers.id')->where('refers.entity', Entity::Layer->value))
            ->where(fn (Builder $query): Builder => $query->where('refers.entity', '<>', Entity::Screen->value)->orWhereNotExists($gone('refers.id')))
            ->whereNotExists($gone('layers.screen'));
    }

    /** @param  array<string, Thing>  $things  by id */
    private function write(ProjectRow $project, Entity $entity, array $things): void
    {
        $rows = [];
        foreach ($things as $id => $thing) {
            foreach (Reference::of($thing) as $reference) {
                $rows[] = ['project_id' => $project->id, 'entity' => $entity->value, 'id' => $id, 'path' => $reference->path, 'kind' => $reference->kind, 'target' => $reference->id];
            }
        }
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $chunk) {
            $this->database->table('refers')->insert($chunk);
        }
    }

    private function all(ProjectRow $project): Builder
    {
        return $this->database->table('refers')->where('refers.project_id', $project->id);
    }
}
