<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project as ProjectRow;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Kindred\Document\Entity;
use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Limits;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Style\Corners;
use Kindred\Document\Thing;
use Kindred\Document\Token\Aliases;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;

/** Loads documents, or the part of one that is asked for. */
final readonly class TreeLoader
{
    public function __construct(private ConnectionInterface $database, private TreeRows $rows)
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
            $this->rows->project($project),
            $this->rows->readScreens($this->rows->hung($project)->get()),
            $this->rows->readLayers($this->rows->layers($project)->get()),
            things: $this->rows->things($project),
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
        [$plain, $corners, $sizing] = [new BoxLayer, new Corners, new Sizing];
        foreach ([null, ...array_keys($tree->screens)] as $screen) {
            foreach ($this->layersOf($project, $screen === null ? null : (string) $screen)->layers as $id => $layer) {
                $layers[$id] = $layer->with(content: $layer->isContainer() || $layer->content instanceof Widget || $layer->content instanceof Instance ? $layer->content : $plain, fills: [], strokes: [], corners: $corners, sizing: $sizing, pins: null);
            }
        }

        return $tree->with(layers: $layers, complete: null);
    }

    /** All screens with their widgets, and the containers that these may lie in. */
    public function widgets(ProjectRow $project): Tree
    {
        $kinds = [Widget::kind(), Instance::kind(), ...Kinds::of(Container::class)];

        return new Tree($this->rows->project($project), $this->rows->readScreens($this->rows->hung($project)->get()), $this->rows->readLayers($this->rows->layers($project)->whereIn('kind', $kinds)->get()));
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
        return new Tree($this->rows->project($project), $this->rows->readScreens($this->rows->hung($project)->get()), [], [], $this->rows->things($project));
    }

    /** The layers of a screen, or the loose ones, and nothing else. */
    public function layersOf(ProjectRow $project, ?string $screen): Tree
    {
        return new Tree($this->rows->project($project), [], $this->rows->readLayers($this->rows->layers($project)->where('screen', $screen ?? '')->get()));
    }

    /**
     * All screens, and the layers of those named (null: the loose ones).
     *
     * @param  list<string|null>  $ids
     */
    public function withLayersOf(ProjectRow $project, array $ids): Tree
    {
        $named = array_map(fn (?string $id): string => $id ?? '', $ids);
        $layers = $named === [] ? [] : $this->rows->readLayers($this->rows->layers($project)->whereIn('screen', $named)->get());
        $complete = [];
        foreach ($named as $id) {
            $complete["screen:{$id}"] = true;
        }
        foreach ($layers as $layer) {
            $complete[$layer->id] = true;
        }
        $screens = $this->rows->readScreens($this->rows->hung($project)->get());
        $components = $this->loadComponents($project, [], $screens, $layers, $complete);
        $gone = array_filter($screens, fn (Screen $screen): bool => $screen->gone);
        $tree = new Tree($this->rows->project($project), array_diff_key($screens, $gone), array_filter($layers, fn (Layer $layer): bool => ! isset($gone[$layer->screen ?? ''])), $complete);

        return $components === [] || ! $this->isDressedByTokens($tree, array_values(array_filter($ids, is_string(...))), $components) ? $tree
            : array_reduce(Themes::HOUSE, fn (Tree $with, Entity $entity): Tree => $with->put($entity, ...array_values($this->rows->things($project, [$entity])[$entity->value] ?? [])), $tree);
    }

    /**
     * Whether what instances show follows from tokens where they are: their screens show another theme than their components, or the states
     * of these have values of tokens.
     *
     * @param  list<string>  $on  screens with instances
     * @param  list<string>  $components
     */
    private function isDressedByTokens(Tree $tree, array $on, array $components): bool
    {
        $themes = array_unique(array_map(fn (string $id): string => ($tree->screens[$id] ?? null)->theme ?? '', [...$on, ...$components]));

        return count($themes) > 1 || array_filter($components, fn (string $id): bool => $tree->component($id)?->isBound() === true) !== []
            || array_filter($tree->layers, fn (Layer $layer): bool => $layer->content instanceof Instance && OverrideValues::areBound($layer->content->overrides)) !== [];
    }

    /**
     * The components that layers show, and those shown in them, with all that is on their sheets.
     *
     * @param  list<string>  $named  that are needed besides
     * @param  array<string, Screen>  $screens  added to
     * @param  array<string, Layer>  $layers  added to
     * @param  array<string, true>  $complete  added to
     * @return list<string> their ids
     */
    private function loadComponents(ProjectRow $project, array $named, array &$screens, array &$layers, array &$complete): array
    {
        $known = [];
        $open = array_merge($named, ...array_map(fn (Layer $layer): array => $layer->components(), array_values($layers)));
        while (($open = array_values(array_unique(array_diff($open, $known)))) !== []) {
            $known = [...$known, ...$open];
            $screens += array_diff($open, array_map(strval(...), array_keys($screens))) === [] ? [] : $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $open)->get());
            $open = array_values(array_filter($open, fn (string $id): bool => ($screens[$id] ?? null)?->component !== null));
            // Those of one that was deleted sleep until it is brought back.
            $this->add($layers, $this->rows->everyLayer($project)->whereIn('screen', $open));
            $on = array_fill_keys($open, true);
            $next = array_merge([], ...array_map(fn (string $id): array => ($screens[$id] ?? null)?->component?->components() ?? [], $open));
            foreach ($layers as $layer) {
                if (isset($on[$layer->screen ?? ''])) {
                    $complete[$layer->id] = true;
                    array_push($next, ...$layer->components());
                }
            }
            $complete += array_fill_keys(array_map(fn (string $id): string => "screen:{$id}", $open), true);
            $open = $next;
        }

        return $known;
    }

    /**
     * The layers that show components which are changed, and those that show what is changed by that.
     *
     * @param  array<string, Screen>  $screens  added to
     * @param  array<string, Layer>  $layers  added to
     * @return list<string> their ids
     */
    private function loadUses(ProjectRow $project, WorkingSet $set, array &$screens, array &$layers): array
    {
        $around = array_diff(array_unique(array_filter(array_column($layers, 'screen'), is_string(...))), array_map(strval(...), array_keys($screens)));
        $screens += $around === [] ? [] : $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $around)->get());
        $changed = array_unique([...array_filter(array_column($layers, 'screen'), is_string(...)), ...$set->screens, ...$set->whole]);
        $open = array_unique([...array_filter($changed, fn (string $id): bool => ! in_array($id, $set->still, true) && ($screens[$id] ?? null)?->component !== null), ...$set->uses]);
        $known = $found = [];
        while (($open = array_values(array_diff($open, $known))) !== []) {
            $known = [...$known, ...$open];
            $uses = $this->database->table('refers')->where('project_id', $project->id)->where('kind', Entity::Screen->value)->whereIn('target', $open)
                ->where(fn (Builder $query): Builder => $query
                    ->where(fn (Builder $one): Builder => $one->where('entity', Entity::Layer->value)->where('path', 'like', 'content.%'))
                    ->orWhere(fn (Builder $one): Builder => $one->where('entity', Entity::Screen->value)->where('path', 'like', 'component.%')))
                ->distinct()->get(['entity', 'id']);
            $named = fn (Entity $entity): array => array_values(array_filter($uses->where('entity', $entity->value)->pluck('id')->all(), is_string(...)));
            $ids = $named(Entity::Layer);
            foreach (array_chunk($ids, 1000) as $chunk) {
                $this->add($layers, $this->rows->layers($project)->whereIn('id', $chunk));
            }
            array_push($found, ...$ids);
            $on = array_values(array_unique(array_filter(array_map(fn (string $id): ?string => ($layers[$id] ?? null)?->screen, $ids), is_string(...))));
            $unknown = array_diff($on, array_map(strval(...), array_keys($screens)));
            $screens += $unknown === [] ? [] : $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $unknown)->get());
            $open = [...array_filter($on, fn (string $id): bool => ($screens[$id] ?? null)?->component !== null), ...$named(Entity::Screen)];
        }

        return $found;
    }

    /**
     * The part of a project that a command declared.
     *
     * @param  bool  $uses  whether what shows components is needed, too, of which something is named: it follows what is changed there
     */
    public function load(ProjectRow $project, WorkingSet $set, bool $uses = false): Tree
    {
        $named = [...$set->screens, ...$set->whole];
        $screens = $set->reel ? $this->rows->readScreens($this->rows->hung($project)->get()) : [];
        if (array_diff($named, array_keys($screens)) !== []) {
            $screens += $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $named)->get());
        }
        $layers = $set->layers === [] ? [] : $this->rows->readLayers($this->rows->layers($project)->whereIn('id', $set->layers)->get());
        $inFamilies = $set->families === [] ? [] : $this->inFamilies($project, $set->families);
        $layers += $inFamilies;
        $sheets = $set->families === [] ? [] : $this->statesInFamilies($project, $set->families);
        $things = $set->things === [] ? [] : $this->rows->things($project, $set->things);
        $tokens = $set->bound ? array_map(strval(...), array_keys($things[Entity::Token->value] ?? [])) : $set->tokens;
        $bound = $tokens === [] ? [] : $this->boundTo($project, $tokens, $things);
        $bound += $set->written === [] ? [] : $this->rows->readLayers(self::holding($this->rows->layers($project), 'body', $set->written)->get());
        $sheets += $set->written === [] ? [] : $this->rows->readScreens(self::holding($this->rows->screens($project)->whereNotNull('component'), 'component', $set->written)->get());
        $screens += $sheets;
        $layers += $bound;
        $naming = $tokens === [] ? [] : $this->naming($project, Entity::Screen, $tokens, $things);
        $on = array_diff(array_unique([...array_filter(array_column($bound, 'screen'), is_string(...)), ...$naming]), array_map(strval(...), array_keys($screens)));
        $screens += $on === [] ? [] : $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $on)->get());
        $complete = [];
        $whole = $set->whole;
        if ($set->takes !== []) {
            $all = $this->rows->readScreens($this->rows->hung($project)->get());
            $takes = array_filter($all, fn (Screen $screen): bool => in_array($screen->take->of ?? $screen->id, $set->takes, true));
            $screens += $takes;
            $whole = array_values(array_unique([...$whole, ...array_map(strval(...), array_keys($takes))]));
        }
        if ($whole !== []) {
            $this->add($layers, $this->rows->layers($project)->whereIn('screen', $whole));
            foreach ($whole as $id) {
                $complete["screen:{$id}"] = true;
            }
        }
        $this->loadPlaces($project, $set, $layers, $complete);
        // What states have for themselves shows in all instances that are in them, and is known by the layers of their component.
        $inStates = [...array_map(strval(...), array_keys($sheets)), ...array_filter($naming, fn (string $id): bool => ($screens[$id] ?? null)?->component?->isBound() === true)];
        $using = $uses ? $this->loadUses($project, WorkingSet::join($set, new WorkingSet(uses: $inStates, still: $set->still)), $screens, $layers) : [];
        $this->loadAncestors($project, $layers, $complete);
        $this->loadInside($project, [...$set->layers, ...$using, ...array_map(strval(...), array_keys($inFamilies + $bound)), ...$this->layoutRoots($layers)], $layers, $complete);
        $isWhole = array_fill_keys($whole, true);
        foreach ($layers as $layer) {
            if (isset($isWhole[$layer->screen ?? ''])) {
                $complete[$layer->id] = true;
            }
        }

        $components = $this->loadComponents($project, [...$set->components, ...$inStates], $screens, $layers, $complete);
        $isThemed = ($things[Entity::Theme->value] ?? []) !== [];
        if ($isThemed) {
            $around = array_diff(array_unique(array_filter(array_column($layers, 'screen'), is_string(...))), array_map(strval(...), array_keys($screens)));
            $screens += $around === [] ? [] : $this->rows->readScreens($this->rows->screens($project)->whereIn('id', $around)->get());
        }
        $gone = array_filter($screens, fn (Screen $screen): bool => $screen->gone);
        $asleep = $gone === [] ? [] : array_filter($layers, fn (Layer $layer): bool => isset($gone[$layer->screen ?? '']));
        $tree = new Tree($this->rows->project($project), array_diff_key($screens, $gone), array_diff_key($layers, $asleep), $complete, $things, $gone, $asleep);

        // What goes from one theme to another takes the values of where it comes to.
        return in_array(Entity::Theme, $set->things, true) || (! Themes::differ($tree, array_filter([...$set->tops, ...$set->siblings], fn (Place $place): bool => $place->screen === null) !== []) && ($components === [] || ! $this->isDressedByTokens($tree, [], $components))) ? $tree
            : $this->load($project, WorkingSet::join($set, new WorkingSet(things: Themes::HOUSE, still: $set->still)), $uses);
    }

    /**
     * @param  list<string>  $families
     * @return array<string, Layer> those with words in families, in copies that they show, too
     */
    private function inFamilies(ProjectRow $project, array $families): array
    {
        $rows = self::holding($this->rows->layers($project)->whereIn('kind', Families::kinds()), 'body', array_map(self::family(...), $families));

        return array_filter($this->rows->readLayers($rows->get()), fn (Layer $layer): bool => array_intersect($families, Families::of($layer)) !== []);
    }

    /**
     * @param  list<string>  $families
     * @return array<string, Screen> the sheets of components whose states set words in families
     */
    private function statesInFamilies(ProjectRow $project, array $families): array
    {
        $rows = self::holding($this->rows->screens($project)->whereNotNull('component'), 'component', array_map(self::family(...), $families));

        return array_filter($this->rows->readScreens($rows->get()), fn (Screen $screen): bool => array_intersect($families, Families::of($screen)) !== []);
    }

    /** How a family is named in JSON, of a style and in what is otherwise in copies. */
    private static function family(string $family): string
    {
        return 'family":'.json_encode($family, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @param  list<string>  $tokens
     * @param  array<string, array<string, Thing>>  $things  with all tokens
     * @return array<string, Layer> the layers with something that is bound to tokens, or to others that follow them
     */
    private function boundTo(ProjectRow $project, array $tokens, array $things): array
    {
        $layers = [];
        foreach (array_chunk($this->naming($project, Entity::Layer, $tokens, $things), 1000) as $ids) {
            $this->add($layers, $this->rows->layers($project)->whereIn('id', $ids));
        }

        return $layers;
    }

    /**
     * What names some tokens, or others that follow them.
     *
     * @param  list<string>  $tokens
     * @param  array<string, array<string, Thing>>  $things  with all tokens
     * @return list<string>
     */
    private function naming(ProjectRow $project, Entity $entity, array $tokens, array $things): array
    {
        $all = array_filter([...array_values($things[Entity::Token->value] ?? []), ...array_values($things[Entity::ThemeValue->value] ?? [])], fn (Thing $one): bool => $one instanceof Token || $one instanceof ThemeValue);

        return array_values(array_filter($this->database->table('refers')->where('project_id', $project->id)->where('entity', $entity->value)->where('kind', Entity::Token->value)
            ->whereIn('target', Aliases::dependents($all, $tokens))->distinct()->pluck('id')->all(), is_string(...)));
    }

    /**
     * Only rows that hold one of some pieces.
     *
     * @param  list<string>  $pieces  of JSON
     */
    private static function holding(Builder $rows, string $column, array $pieces): Builder
    {
        return $rows->where(function (Builder $query) use ($column, $pieces): void {
            foreach ($pieces as $piece) {
                $query->orWhereRaw("instr({$column}, ?) > 0", [$piece]);
            }
        });
    }

    /**
     * Layers of a project as they are written, without reading each.
     *
     * @param  list<string>|null  $screens  on which they lie, '' for those loose on the wall; null for all
     * @return iterable<array<string, mixed>>
     */
    public function written(ProjectRow $project, ?array $screens = null): iterable
    {
        foreach ($this->rows->layers($project)->when($screens !== null, fn (Builder $query): Builder => $query->whereIn('screen', $screens ?? []))->select(['id', 'screen', 'kind', 'width', 'height', 'body', 'format'])->orderBy('screen')->orderBy('parent')->orderBy('rank')->cursor() as $row) {
            yield ['id' => $row->id, 'kind' => $row->kind, 'screen' => $row->screen === '' ? null : $row->screen, 'width' => (float) $row->width, 'height' => (float) $row->height] + Upgrades::layer((array) json_decode($row->body, true), (int) $row->format);
        }
    }

    /** The id of the layer right below in its place, or null at the bottom. */
    public function below(ProjectRow $project, Layer $layer): ?string
    {
        return $this->database->table('layers')->where('project_id', $project->id)
            ->where('screen', $layer->screen ?? '')->where('parent', $layer->parent ?? '')
            ->where('rank', '<', $layer->rank)->orderByDesc('rank')->limit(1)->value('id');
    }

    /**
     * What lies beside a layer and lower and reaches all around it, in drawing order.
     *
     * @return list<Layer>
     */
    public function beneath(ProjectRow $project, Layer $layer): array
    {
        $rows = $this->rows->layers($project)->where('screen', $layer->screen ?? '')->where('parent', $layer->parent ?? '')->where('rank', '<', $layer->rank)
            ->where('x', '<=', $layer->box->x)->where('y', '<=', $layer->box->y)
            ->whereRaw('x + width >= ?', [$layer->box->right()])->whereRaw('y + height >= ?', [$layer->box->bottom()]);

        return array_values($this->rows->readLayers($rows->orderBy('rank')->limit(50)->get()));
    }

    /** @return array<string, int> the number of the edit that last changed each screen's picture */
    public function revisions(ProjectRow $project): array
    {
        return $this->database->table('screens')->where('project_id', $project->id)->where('gone', false)
            ->pluck('changed', 'id')->map(fn ($changed): int => (int) $changed)->all();
    }

    /**
     * @param  array<string, Layer>  $layers
     * @param  array<string, true>  $complete
     */
    private function loadPlaces(ProjectRow $project, WorkingSet $set, array &$layers, array &$complete): void
    {
        $at = fn (Place $place): Builder => $this->rows->layers($project)->where('screen', $place->screen ?? '')->where('parent', $place->parent ?? '');
        foreach ($set->siblings as $place) {
            $this->add($layers, $at($place));
            // Its parent is loaded here, because `loadAncestors` passes over what is complete.
            if ($place->parent !== null && ! isset($layers[$place->parent])) {
                $this->add($layers, $this->rows->layers($project)->where('id', $place->parent));
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
            $this->add($layers, $this->rows->layers($project)->where(fn (Builder $query): Builder => $query->whereIn('id', $ids)->orWhereIn('parent', $ids)));
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
        // What holds nothing now may hold something after a step.
        $complete += array_fill_keys(array_filter($named, fn (string $id): bool => isset($layers[$id]) && ! $layers[$id]->isContainer()), true);
        while ($open !== []) {
            $unknown = array_values(array_filter($open, fn (string $id): bool => ! isset($complete[$id])));
            if ($unknown !== []) {
                $this->add($layers, $this->rows->layers($project)->whereIn('parent', $unknown));
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
        $layers += $this->rows->readLayers($query->get()->reject(fn (\stdClass $row): bool => isset($layers[$row->id])));
    }
}
