<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project as ProjectRow;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Box;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Limits;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Style\Corners;
use Kindred\Document\Thing;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Screens and layers as rows, read and written without models: a layer is one row. */
final readonly class TreeStore
{
    private const SCREEN = ['id', 'rank', 'name', 'device', 'x', 'y', 'width', 'height', 'view', 'ground', 'cues', 'grids', 'guides', 'finish', 'take', 'criteria', 'condition', 'condition_of', 'tracing', 'gone'];

    /** Columns of screens that hold JSON. */
    private const JSON = ['cues', 'grids', 'guides', 'take', 'criteria', 'tracing'];

    private const LAYER = ['id', 'screen', 'parent', 'rank', 'kind', 'x', 'y', 'width', 'height', 'body', 'sheet_rows', 'format'];

    /** Those that are not kept among `things`. */
    private const TABLES = [Entity::Screen->value => 'screens', Entity::Layer->value => 'layers'];

    private const ROWS_AT_ONCE = 500;

    /** Columns of layers that can be long, and are written when what they hold has changed. */
    private const LONG = ['body', 'sheet_rows'];

    public function __construct(private ConnectionInterface $database)
    {
    }

    /**
     * @throws InvalidInput when the project is too large to be held at once
     */
    public function whole(ProjectRow $project): Tree
    {
        $count = (int) $this->database->table('projects')->where('id', $project->id)->value('layer_count');
        if ($count > Limits::MAX_AT_ONCE) {
            throw new InvalidInput('', 'This project has '.number_format($count).' layers. To be looked through as a whole, rehearsed or written as one page it may have '.number_format(Limits::MAX_AT_ONCE).'. Nothing of it is lost; parts of it can be kept as a project of their own.');
        }

        return new Tree(
            $this->project($project),
            $this->readScreens($this->hung($project)->get()),
            $this->readLayers($this->layers($project)->get()),
            things: $this->things($project),
        );
    }

    /**
     * All of a project but how its layers look: their names, places, cues and whether they show. Of a large project no
     * more is held at once.
     */
    public function bones(ProjectRow $project): Tree
    {
        $tree = $this->withoutLayers($project);
        $layers = [];
        [$plain, $corners, $sizing] = [new Box, new Corners, new Sizing];
        foreach ([null, ...array_keys($tree->screens)] as $screen) {
            foreach ($this->layersOf($project, $screen === null ? null : (string) $screen)->layers as $id => $layer) {
                $layers[$id] = $layer->with(content: $layer->isContainer() || $layer->content instanceof Widget ? $layer->content : $plain, fills: [], stroke: null, corners: $corners, sizing: $sizing, pins: null);
            }
        }

        return $tree->with(layers: $layers, complete: null);
    }

    /** All screens with their widgets, and the containers that these may lie in. */
    public function widgets(ProjectRow $project): Tree
    {
        $kinds = [Widget::kind(), ...array_map(fn (string $class): string => $class::kind(), array_filter(Kinds::ALL, fn (string $class): bool => is_a($class, Container::class, true)))];

        return new Tree($this->project($project), $this->readScreens($this->hung($project)->get()), $this->readLayers($this->layers($project)->whereIn('kind', $kinds)->get()));
    }

    /** @return array<string, int> how many layers each screen has */
    public function counts(ProjectRow $project): array
    {
        return $this->database->table('layers')->where('project_id', $project->id)->groupBy('screen')->selectRaw('screen, count(*) as many')
            ->pluck('many', 'screen')->map(fn ($many): int => (int) $many)->all();
    }

    /** All screens and the brief. */
    public function withoutLayers(ProjectRow $project): Tree
    {
        return new Tree($this->project($project), $this->readScreens($this->hung($project)->get()), [], [], $this->things($project));
    }

    /** The layers of a screen, or the loose ones, and nothing else. */
    public function layersOf(ProjectRow $project, ?string $screen): Tree
    {
        return new Tree($this->project($project), [], $this->readLayers($this->layers($project)->where('screen', $screen ?? '')->get()));
    }

    /**
     * All screens, and the layers of those named (null: the loose ones).
     *
     * @param  list<string|null>  $ids
     */
    public function withLayersOf(ProjectRow $project, array $ids): Tree
    {
        $named = array_map(fn (?string $id): string => $id ?? '', $ids);
        $layers = $named === [] ? [] : $this->readLayers($this->layers($project)->whereIn('screen', $named)->get());
        $complete = [];
        foreach ($named as $id) {
            $complete["screen:{$id}"] = true;
        }
        foreach ($layers as $layer) {
            $complete[$layer->id] = true;
        }

        return new Tree($this->project($project), $this->readScreens($this->hung($project)->get()), $layers, $complete);
    }

    /** The part of a project that a command declared. */
    public function load(ProjectRow $project, WorkingSet $set): Tree
    {
        $named = [...$set->screens, ...$set->whole];
        $screens = $set->reel ? $this->readScreens($this->hung($project)->get()) : [];
        if (array_diff($named, array_keys($screens)) !== []) {
            $screens += $this->readScreens($this->screens($project)->whereIn('id', $named)->get());
        }
        $layers = $set->layers === [] ? [] : $this->readLayers($this->layers($project)->whereIn('id', $set->layers)->get());
        $complete = [];
        $whole = $set->whole;
        if ($set->takes !== []) {
            $all = $this->readScreens($this->hung($project)->get());
            $takes = array_filter($all, fn (Screen $screen): bool => in_array($screen->take->of ?? $screen->id, $set->takes, true));
            $screens += $takes;
            $whole = array_values(array_unique([...$whole, ...array_map(strval(...), array_keys($takes))]));
        }
        if ($whole !== []) {
            $this->add($layers, $this->layers($project)->whereIn('screen', $whole));
            foreach ($whole as $id) {
                $complete["screen:{$id}"] = true;
            }
        }
        $this->loadPlaces($project, $set, $layers, $complete);
        $this->loadAncestors($project, $layers, $complete);
        $this->loadInside($project, [...$set->layers, ...$this->layoutRoots($layers)], $layers, $complete);
        foreach ($layers as $layer) {
            if (in_array($layer->screen, $whole, true)) {
                $complete[$layer->id] = true;
            }
        }

        $gone = array_filter($screens, fn (Screen $screen): bool => $screen->gone);

        return new Tree($this->project($project), array_diff_key($screens, $gone), $layers, $complete, $set->things === [] ? [] : $this->things($project, $set->things), $gone);
    }

    /** Writes a difference: `after` holds every value that it names. */
    public function write(ProjectRow $project, Difference $difference, Tree $after, int $sequence): void
    {
        $screens = $layers = $things = $gone = [];
        foreach ($difference->changes as $change) {
            match (true) {
                $change->isRemoval() => $gone[$change->entity->value][] = $change->id,
                $change->entity === Entity::Project => $this->writeProject($project, $after->project),
                $change->entity === Entity::Screen => $screens[] = $this->screenRow($project, $after->gone[$change->id] ?? $after->screen($change->id), $sequence),
                $change->entity === Entity::Layer => $this->sortIn($layers, $project, $after->layer($change->id), $this->changedLong($change), $sequence),
                default => $things[] = $this->thingRow($project, $change->entity, $after->things($change->entity)[$change->id]),
            };
        }
        foreach ($layers as $long => $rows) {
            foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $chunk) {
                $this->database->table('layers')->upsert($chunk, ['project_id', 'id'], [...array_diff(self::LAYER, [...self::LONG, 'format']), ...array_filter(explode(' ', $long)), ...(str_contains($long, 'body') ? ['format'] : []), 'changed']);
            }
        }
        foreach (array_chunk($screens, self::ROWS_AT_ONCE) as $chunk) {
            $this->database->table('screens')->upsert($chunk, ['project_id', 'id'], [...self::SCREEN, 'changed']);
        }
        $this->database->table('things')->upsert($things, ['project_id', 'id'], ['rank', 'body']);
        foreach ($gone as $entity => $ids) {
            foreach (array_chunk($ids, 1000) as $chunk) {
                $this->database->table(self::TABLES[$entity] ?? 'things')->where('project_id', $project->id)->whereIn('id', $chunk)->delete();
            }
        }
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
            $this->mustFit($more[$entity->value], $entity->kept()->most, $entity->kept()->where, $entity->kept()->called, fn (): int => match ($entity) {
                Entity::Layer => (int) $this->database->table('projects')->where('id', $project->id)->value('layer_count'),
                Entity::Screen => $this->hung($project)->count(),
                default => $this->database->table('things')->where('project_id', $project->id)->where('entity', $entity->value)->count(),
            });
        }
        foreach ($added as $screen => $count) {
            $this->mustFit($count, Limits::MAX_LAYERS_OF_SCREEN, $screen === '' ? 'The wall beside the screens' : 'A screen', 'layers', fn (): int => $this->layers($project)->where('screen', $screen)->count());
        }
    }

    /** Whether a change brings a deleted screen back (true) or deletes one (false); null for any other. */
    private function wakes(Change $change): ?bool
    {
        $gone = $change->before !== null && $change->after !== null && $change->touches('gone') ? ($change->after['gone'] ?? false) === true : null;

        return $gone === null ? null : ! $gone;
    }

    /** How many layers screens that come back bring with them, less those that go with deleted ones. */
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
    private function mustFit(int $more, int $most, string $where, string $what, \Closure $now): void
    {
        if ($more > 0 && ($would = $now() + $more) > $most) {
            throw new InvalidInput('', "{$where} holds at most ".number_format($most)." {$what}; this would have ".number_format($would).'. Nothing was changed.');
        }
    }

    /** Writes what a tree holds into a project that has none of it. */
    public function insert(ProjectRow $project, Tree $tree): void
    {
        if ($tree->screens !== []) {
            $this->database->table('screens')->insert(array_map(fn (Screen $screen): array => $this->screenRow($project, $screen, 0), array_values($tree->screens)));
        }
        foreach (array_chunk($tree->layers, self::ROWS_AT_ONCE) as $layers) {
            $this->database->table('layers')->insert(array_map(fn (Layer $layer): array => $this->layerRow($project, $layer, self::LONG, 0), $layers));
        }
        foreach (array_filter(Entity::cases(), fn (Entity $entity): bool => $entity->isPlain()) as $entity) {
            $this->database->table('things')->insert(array_map(fn (Thing $thing): array => $this->thingRow($project, $entity, $thing), array_values($tree->things($entity))));
        }
    }

    /** Copies all that is not deleted into an empty project. */
    public function copy(ProjectRow $from, ProjectRow $to): void
    {
        [$screens, $layers] = array_map(fn (array $columns): string => implode(', ', array_map(fn (string $column): string => "`{$column}`", $columns)), [self::SCREEN, self::LAYER]);
        $this->database->insert("insert into screens (project_id, {$screens}) select ?, {$screens} from screens where project_id = ? and not gone", [$to->id, $from->id]);
        $this->database->insert("insert into layers (project_id, {$layers}) select ?, {$layers} from layers where project_id = ? and (screen = '' or screen in (select id from screens where project_id = ? and not gone))", [$to->id, $from->id, $from->id]);
        $this->database->insert('insert into things (project_id, entity, id, `rank`, body) select ?, entity, id, `rank`, body from things where project_id = ?', [$to->id, $from->id]);
        $this->database->update('update projects set layer_count = (select count(*) from layers where project_id = ?) where id = ?', [$to->id, $to->id]);
    }

    /** The id of the layer right below in its place, or null at the bottom. */
    public function below(ProjectRow $project, Layer $layer): ?string
    {
        return $this->database->table('layers')->where('project_id', $project->id)
            ->where('screen', $layer->screen ?? '')->where('parent', $layer->parent ?? '')
            ->where('rank', '<', $layer->rank)->orderByDesc('rank')->limit(1)->value('id');
    }

    /** The finish of a screen, or of the project where it has none of its own. */
    public function finish(ProjectRow $project, string $screen): Finish
    {
        $own = $this->database->table('screens')->where('project_id', $project->id)->where('id', $screen)->value('finish');

        return Finish::tryFrom((string) $own) ?? $this->project($project)->finish;
    }

    /** @return array<string, int> the number of the edit that last changed each screen's picture */
    public function revisions(ProjectRow $project): array
    {
        return $this->database->table('screens')->where('project_id', $project->id)->where('gone', false)
            ->pluck('changed', 'id')->map(fn ($changed): int => (int) $changed)->all();
    }

    /** Whether all screens may look otherwise. */
    private function refinished(Difference $difference): bool
    {
        return array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Project && $change->touches('finish')) !== [];
    }

    /**
     * The long columns that a change to a layer writes. Most edits move what is there already: what is long stays as it is.
     *
     * @return list<string>
     */
    private function changedLong(Change $change): array
    {
        $changed = array_diff(array_keys($change->after ?? []), self::LAYER);
        $rows = array_filter($changed, fn (string $key): bool => ArrayLayer::isOfRows($key));

        return match (true) {
            $change->isAddition() => self::LONG,
            $rows !== [] => count($rows) === count($changed) ? ['sheet_rows'] : self::LONG,
            default => $changed === [] ? [] : ['body'],
        };
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $sorted  rows of layers by the long columns that are written, added to
     * @param  list<string>  $long
     */
    private function sortIn(array &$sorted, ProjectRow $project, Layer $layer, array $long, int $sequence): void
    {
        $sorted[implode(' ', $long)][] = $this->layerRow($project, $layer, $long, $sequence);
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

        return array_map(strval(...), array_keys($screens));
    }

    private function project(ProjectRow $project): Project
    {
        return new Project($project->name, $project->entry, Finish::tryFrom((string) $project->finish) ?? Finish::Dressed, (bool) $project->framed);
    }

    /**
     * @param  list<Entity>|null  $entities  null for all that are kept so
     * @return array<string, array<string, Thing>> by entity and id
     */
    private function things(ProjectRow $project, ?array $entities = null): array
    {
        $rows = $this->database->table('things')->where('project_id', $project->id);
        if ($entities !== null) {
            $rows->whereIn('entity', array_column($entities, 'value'));
        }
        $things = [];
        foreach ($rows->get(['entity', 'id', 'rank', 'body']) as $row) {
            $things[$row->entity][$row->id] = Entity::from($row->entity)->kept()->class::kept((array) json_decode($row->body, true) + ['id' => $row->id, 'rank' => $row->rank]);
        }

        return $things;
    }

    /** @return array{project_id: int, entity: string, id: string, rank: string, body: string} */
    private function thingRow(ProjectRow $project, Entity $entity, Thing $thing): array
    {
        $own = $thing->toArray();

        return [
            'project_id' => $project->id, 'entity' => $entity->value, 'id' => (string) $own['id'], 'rank' => (string) $own['rank'],
            'body' => json_encode(array_diff_key($own, ['id' => 1, 'rank' => 1]), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ];
    }

    /** All screens, those that were deleted too. */
    private function screens(ProjectRow $project): Builder
    {
        return $this->database->table('screens')->where('project_id', $project->id)->select(self::SCREEN);
    }

    /** All screens that were not deleted, takes too. */
    private function hung(ProjectRow $project): Builder
    {
        return $this->screens($project)->where('gone', false);
    }

    /** The layers of all but deleted screens. */
    private function layers(ProjectRow $project): Builder
    {
        return $this->database->table('layers')->where('layers.project_id', $project->id)
            ->whereNotExists(fn (Builder $query): Builder => $query->from('screens')->whereColumn('screens.project_id', 'layers.project_id')->whereColumn('screens.id', 'layers.screen')->where('gone', true))
            ->select(array_map(fn (string $column): string => "layers.{$column}", self::LAYER));
    }

    /**
     * @param  array<string, Layer>  $layers
     * @param  array<string, true>  $complete
     */
    private function loadPlaces(ProjectRow $project, WorkingSet $set, array &$layers, array &$complete): void
    {
        $at = fn (Place $place): Builder => $this->layers($project)->where('screen', $place->screen ?? '')->where('parent', $place->parent ?? '');
        foreach ($set->siblings as $place) {
            $this->add($layers, $at($place));
            // A place that is complete is not looked at again for what is around it.
            if ($place->parent !== null && ! isset($layers[$place->parent])) {
                $this->add($layers, $this->layers($project)->where('id', $place->parent));
            }
            $complete[$place->key()] = true;
        }
        foreach ($set->tops as $place) {
            $this->add($layers, $at($place)->orderByDesc('rank')->limit(1));
        }
    }

    /**
     * The groups around what is loaded, each with all its children.
     *
     * @param  array<string, Layer>  $layers
     * @param  array<string, true>  $complete
     */
    private function loadAncestors(ProjectRow $project, array &$layers, array &$complete): void
    {
        do {
            $parents = [];
            foreach ($layers as $layer) {
                if ($layer->parent !== null && ! isset($complete[$layer->parent])) {
                    $parents[$layer->parent] = true;
                }
            }
            if ($parents === []) {
                return;
            }
            $ids = array_keys($parents);
            $this->add($layers, $this->layers($project)->where(fn (Builder $query): Builder => $query->whereIn('id', $ids)->orWhereIn('parent', $ids)));
            $complete += array_fill_keys($ids, true);
        } while (true);
    }

    /**
     * The outermost stacks around what is loaded: what is laid out together is loaded together.
     *
     * @param  array<string, Layer>  $layers
     * @return list<string>
     */
    private function layoutRoots(array $layers): array
    {
        $roots = [];
        foreach ($layers as $layer) {
            $root = null;
            for ($one = $layer; $one !== null; $one = $layers[$one->parent ?? ''] ?? null) {
                $root = $one->isContainer() && ! $one->isGroup() ? $one->id : $root;
            }
            if ($root !== null) {
                $roots[$root] = true;
            }
        }

        return array_map(strval(...), array_keys($roots));
    }

    /**
     * All that lies inside the named groups.
     *
     * @param  list<string>  $named
     * @param  array<string, Layer>  $layers
     * @param  array<string, true>  $complete
     */
    private function loadInside(ProjectRow $project, array $named, array &$layers, array &$complete): void
    {
        $open = array_filter(array_unique($named), fn (string $id): bool => isset($layers[$id]) && $layers[$id]->isContainer());
        while ($open !== []) {
            $unknown = array_values(array_filter($open, fn (string $id): bool => ! isset($complete[$id])));
            if ($unknown !== []) {
                $this->add($layers, $this->layers($project)->whereIn('parent', $unknown));
                $complete += array_fill_keys($unknown, true);
            }
            $around = array_fill_keys($open, true);
            $inner = array_filter($layers, fn (Layer $layer): bool => isset($around[$layer->parent ?? '']) && $layer->isContainer());
            $open = array_map(strval(...), array_keys($inner));
        }
    }

    /**
     * Reads what a query finds, but for what is there already.
     *
     * @param  array<string, Layer>  $layers  by id, added to
     */
    private function add(array &$layers, Builder $query): void
    {
        $layers += $this->readLayers($query->get()->reject(fn (\stdClass $row): bool => isset($layers[$row->id])));
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return array<string, Screen>
     */
    private function readScreens(Collection $rows): array
    {
        $screens = [];
        foreach ($rows as $row) {
            $data = (array) $row;
            $lists = array_map(fn (?string $json): mixed => json_decode($json ?? 'null', true), array_intersect_key($data, array_flip(self::JSON)));
            $screens[$row->id] = Screen::read(Reader::kept($lists + ['conditionOf' => $row->condition_of] + $data));
        }

        return $screens;
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return array<string, Layer>
     */
    private function readLayers(Collection $rows): array
    {
        $layers = [];
        foreach ($rows as $row) {
            $data = (array) $row;
            $data['screen'] = $row->screen === '' ? null : $row->screen;
            $data['parent'] = $row->parent === '' ? null : $row->parent;
            try {
                $layer = Layer::read(Reader::kept($data + Upgrades::layer((array) json_decode($row->body, true), (int) $row->format)));
            } catch (InvalidInput $problem) {
                // One row that cannot be read at all does not lock the rest; it stays where it is.
                logger()->warning("Layer {$row->id} cannot be read: {$problem->getMessage()}");

                continue;
            }
            $array = $layer->content;
            $layers[$row->id] = $array instanceof ArrayLayer ? $layer->with(content: $array->with(sheet: $array->sheet->withLines($row->sheet_rows ?? ''))) : $layer;
        }

        return $layers;
    }

    private function writeProject(ProjectRow $row, Project $project): void
    {
        $this->database->table('projects')->where('id', $row->id)->update($project->toArray());
        $row->setRawAttributes([...$row->getAttributes(), ...$project->toArray()], true);
    }

    /** @return array<string, mixed> */
    private function screenRow(ProjectRow $project, Screen $screen, int $sequence): array
    {
        $row = $screen->toArray();

        $lists = array_map(fn (mixed $list): ?string => $list === null ? null : json_encode($list, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), array_intersect_key($row, array_flip(self::JSON)));

        return ['project_id' => $project->id, 'changed' => $sequence, 'condition_of' => $screen->conditionOf, 'gone' => $screen->gone] + $lists + $this->exact(array_diff_key($row, ['conditionOf' => 1]));
    }

    /**
     * @param  list<string>  $long  the long columns wanted; the others are empty, for a row that is there already
     * @return array<string, mixed>
     */
    private function layerRow(ProjectRow $project, Layer $layer, array $long, int $sequence): array
    {
        $array = $layer->content instanceof ArrayLayer ? $layer->content : null;
        $properties = ($array === null ? $layer : $layer->with(content: $array->with(sheet: $array->sheet->with(rows: []))))->properties();
        $row = array_intersect_key($properties, array_flip(self::LAYER));
        $body = [
            'body' => in_array('body', $long, true) ? json_encode(array_diff_key($properties, $row), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) : '',
            'sheet_rows' => in_array('sheet_rows', $long, true) ? $array?->sheet->lines() : null,
        ];

        return [
            'project_id' => $project->id,
            'id' => $layer->id,
            'screen' => $layer->screen ?? '',
            'parent' => $layer->parent ?? '',
            'rank' => $layer->rank,
            'changed' => $sequence,
            'format' => Upgrades::VERSION,
        ] + $body + $this->exact($row);
    }

    /**
     * Numbers are bound as text. PHP writes floats with 14 digits there, which is not always the number
     * that the log holds; as JSON writes them they come back the same.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function exact(array $row): array
    {
        return array_map(fn (mixed $value): mixed => is_float($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value, $row);
    }
}
