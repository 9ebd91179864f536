<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Component\Component;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Token\Themes;
use Kindred\Document\Widget\WidgetLook;

/**
 * A project's screens and layers, or the part of them that a command works on.
 *
 * Immutable: every change gives a new tree. A part knows which lists of siblings it holds
 * completely and throws OutsideWorkingSet when another is asked for.
 */
final readonly class Tree
{
    use CopyWith;

    /**
     * @param  array<string, Screen>  $screens  by id
     * @param  array<string, Layer>  $layers  by id
     * @param  array<string, true>|null  $complete  keys of the places whose layers are all here; null when the tree is whole
     * @param  array<string, array<string, Thing>>  $things  of the other kinds, by entity and id
     * @param  array<string, Screen>  $gone  deleted screens by id, which can be brought back; to all else they are not there
     * @param  array<string, Layer>  $asleep  the layers of deleted screens by id, as far as they are at hand
     */
    public function __construct(
        public Project $project,
        public array $screens = [],
        public array $layers = [],
        private ?array $complete = null,
        private array $things = [],
        public array $gone = [],
        private array $asleep = [],
    ) {
    }

    /** Whether something in it has an id, deleted screens and what lay on them among it. */
    public function knows(string $id): bool
    {
        foreach ([$this->layers, $this->screens, $this->gone, $this->asleep, ...array_values($this->things)] as $known) {
            if (isset($known[$id])) {
                return true;
            }
        }

        return false;
    }

    public function layer(string $id): Layer
    {
        return $this->layers[$id] ?? throw Missing::layer($id);
    }

    public function screen(string $id): Screen
    {
        return $this->screens[$id] ?? throw Missing::screen($id);
    }

    /** How a screen is drawn; loose layers (null) are always dressed. */
    public function finish(?string $screen): Finish
    {
        return $screen === null ? Finish::Dressed : ($this->screens[$screen] ?? null)->finish ?? $this->project->finish;
    }

    /** How widgets are dressed on a screen, or loose on the wall (null). */
    public function look(?string $screen): WidgetLook
    {
        return ($this->screens[$screen ?? ''] ?? null)->look ?? $this->project->look;
    }

    /**
     * The layers of a place, from the bottom to the top.
     *
     * @return list<Layer>
     */
    public function children(Place $place): array
    {
        $this->mustHold($place);

        return array_map(fn (string $id): Layer => $this->layers[$id], $this->index()[$place->key()] ?? []);
    }

    /**
     * The layers right in a layer that mask what else lies in it, hidden ones too; a cell of what repeats holds nothing else.
     *
     * @return list<Layer>
     */
    public function masking(Layer $within): array
    {
        return $within->isContainer() && ! $within->content instanceof Expanding
            ? array_values(array_filter($this->children(new Place($within->screen, $within->id)), fn (Layer $layer): bool => $layer->masking))
            : [];
    }

    /** The highest rank of a place; the caller declared at least its top. */
    public function topRank(Place $place): ?string
    {
        $ids = $this->index()[$place->key()] ?? [];

        return $ids === [] ? null : $this->layers[$ids[count($ids) - 1]]->rank;
    }

    /**
     * The layer and all within it, each parent before its children.
     *
     * @return list<Layer>
     */
    public function subtree(string $id): array
    {
        $out = [$this->layer($id)];
        for ($i = 0; $i < count($out); $i++) {
            if ($out[$i]->isContainer()) {
                array_push($out, ...$this->children(new Place($out[$i]->screen, $out[$i]->id)));
            }
        }

        return $out;
    }

    /** @return list<Layer> all layers of a screen, or all loose ones, each parent before its children */
    public function layersOf(?string $screen): array
    {
        $out = [];
        foreach ($this->children(new Place($screen)) as $layer) {
            array_push($out, ...$this->subtree($layer->id));
        }

        return $out;
    }

    /**
     * The groups around a layer, innermost first.
     *
     * @return list<Layer>
     */
    public function ancestors(Layer $layer): array
    {
        $out = [];
        for ($parent = $layer->parent; $parent !== null; $parent = $out[count($out) - 1]->parent) {
            $out[] = $this->layer($parent);
        }

        return $out;
    }

    /**
     * What shows a layer several times: the layers around it whose content is `Expanding`, innermost first.
     *
     * @return list<Layer>
     */
    public function expanding(Layer $layer): array
    {
        return array_values(array_filter($this->ancestors($layer), fn (Layer $around): bool => $around->content instanceof Expanding));
    }

    /** @return list<Layer> the compounds that it is a part of, innermost first */
    public function compounds(Layer $layer): array
    {
        return $layer->parent === null ? [] : array_values(array_filter($this->ancestors($layer), fn (Layer $around): bool => $around->content instanceof Compound));
    }

    /** @return list<Address> everywhere a layer is shown: in its own place, or in each copy of what shows it several times; and in all instances of its component */
    public function addresses(Layer $layer): array
    {
        $addresses = [new Address($layer->id)];
        foreach (array_reverse($this->expanding($layer)) as $around) {
            $copies = $around->content instanceof Expanding ? $around->content->copies($around->id) : [];
            $addresses = array_merge([], ...array_map(fn (Address $one): array => array_map($one->inside(...), $copies), $addresses));
        }
        $root = $this->component($layer->screen)?->root;
        if ($root === null || ($layer->id !== $root && ! in_array($root, array_column($this->ancestors($layer), 'id'), true))) {
            return $addresses;
        }
        $own = $addresses;
        foreach ($this->layers as $instance) {
            foreach ($instance->component() === $layer->screen ? $this->addresses($instance) : [] as $place) {
                array_push($addresses, ...array_map(fn (Address $one): Address => $one->inInstance($place), $own));
            }
        }

        return $addresses;
    }

    /**
     * Of the given ids those that do not lie inside another of them, in drawing order.
     *
     * @param  list<string>  $ids
     * @return list<Layer>
     */
    public function outermost(array $ids): array
    {
        $named = array_fill_keys($ids, true);
        $out = [];
        foreach ($ids as $id) {
            $layer = $this->layer($id);
            if (array_filter($this->ancestors($layer), fn (Layer $group): bool => isset($named[$group->id])) === []) {
                $out[] = $layer;
            }
        }
        usort($out, Rank::compare(...));

        return $out;
    }

    /** @return list<Screen> all of them, takes too, in the order of the reel */
    public function screensInOrder(): array
    {
        $screens = array_values($this->screens);
        usort($screens, Rank::compare(...));

        return $screens;
    }

    /** @return list<Screen> the screens that hang on the wall, in the order of the reel; the sheets of components are none */
    public function reel(): array
    {
        return array_values(array_filter($this->screensInOrder(), fn (Screen $screen): bool => $screen->isPlayed()));
    }

    /** @return list<Screen> all that hangs on the wall: the screens in the order of the reel, then the sheets of components */
    public function hung(): array
    {
        return [...$this->reel(), ...$this->sheets()];
    }

    /** @return list<Screen> the sheets of components, in their order */
    public function sheets(): array
    {
        return array_values(array_filter($this->screensInOrder(), fn (Screen $screen): bool => $screen->component !== null));
    }

    /** The component that is designed on a screen; null where that is none, or is not at hand. */
    public function component(?string $screen): ?Component
    {
        return ($this->screens[$screen ?? ''] ?? null)?->component;
    }

    /**
     * The layers of a component that its instances show, each parent before its children.
     *
     * @return list<Layer> none where it is not at hand
     */
    public function design(string $component): array
    {
        $root = $this->layers[$this->component($component)->root ?? ''] ?? null;

        return $root === null || $root->screen !== $component ? [] : $this->subtree($root->id);
    }

    /**
     * The components that are used in some layers, and in these, as far as they are at hand.
     *
     * @param  iterable<Layer>  $layers
     * @return array<array-key, non-empty-list<Layer>> their layers by component
     */
    public function components(iterable $layers): array
    {
        $found = [];
        $open = [];
        foreach ($layers as $layer) {
            array_push($open, ...$layer->components());
        }
        while (($id = array_pop($open)) !== null) {
            if (! isset($found[$id]) && ($design = $this->design($id)) !== []) {
                $found[$id] = $design;
                array_push($open, ...($this->component($id)?->components() ?? []), ...array_merge(...array_map(fn (Layer $layer): array => $layer->components(), $design)));
            }
        }

        return $found;
    }

    /** @return list<string> the screens on which instances of a component show, in others too; those of components are none */
    public function usedOn(string $component): array
    {
        $found = $known = [];
        for ($open = [$component]; ($id = array_pop($open)) !== null;) {
            $known[$id] = true;
            foreach ($this->layers as $layer) {
                if ($layer->screen === null || $layer->screen === $id || ! in_array($id, $layer->components(), true)) {
                    continue;
                }
                if ($this->component($layer->screen) === null) {
                    $found[$layer->screen] = true;
                } elseif (! isset($known[$layer->screen])) {
                    $open[] = $layer->screen;
                }
            }
        }

        return array_map(strval(...), array_keys($found));
    }

    /**
     * A tree of a layer and all in it, free of any place, with the components that are used there.
     *
     * @param  non-empty-list<Layer>  $parts  the layer, and what lies in it
     * @param  array<array-key, non-empty-list<Layer>>  $components  their layers by component
     * @param  Layer  $at  where it is shown: its tokens are those of there
     */
    public function apart(array $parts, array $components, Layer $at): self
    {
        $house = array_intersect_key($this->things, array_fill_keys(array_column(Themes::HOUSE, 'value'), true));
        $theme = $house === [] ? '' : Themes::of($this)->at($at);
        $tree = (new self(new Project('', theme: $theme === '' ? null : $theme), things: $house))->withLayers($parts[0]->with(parent: null, screen: null), ...array_map(fn (Layer $part): Layer => $part->with(screen: null), array_slice($parts, 1)));
        foreach ($components as $id => $design) {
            $tree = $tree->withScreens($this->screen((string) $id))->withLayers($design[0]->with(parent: null), ...array_slice($design, 1));
        }

        return $tree;
    }

    /**
     * What shows the copies in which an address lies, the outermost first: arrays around the layer, the instance of its component,
     * arrays around that …
     *
     * @param  bool  $within  whether the address is that within a copy, around which there may be more
     * @return list<Layer>|null null where there is no such place
     */
    public function showing(Address $address, bool $within = false): ?array
    {
        $names = $address->copies;
        $layer = $this->layers[$address->layer] ?? null;
        $found = [];
        while ($layer !== null) {
            foreach ($this->expanding($layer) as $around) {
                $name = array_pop($names);
                if ($name === null && $within) {
                    return array_reverse($found);
                }
                if ($name === null || ! $around->content instanceof Expanding || ! in_array($name, $around->content->copies($around->id), true)) {
                    return null;
                }
                $found[] = $around;
            }
            $name = array_pop($names);
            if ($name === null) {
                return array_reverse($found);
            }
            $instance = $this->layers[$name] ?? null;
            if ($instance?->component() === null || $instance->component() !== $layer->screen) {
                return null;
            }
            $found[] = $instance;
            $layer = $instance;
        }

        return null;
    }

    /** @return list<Screen> the versions of a screen, by their names; the one that hangs on the wall among them */
    public function takes(string $screen): array
    {
        $takes = array_values(array_filter($this->screens, fn (Screen $one): bool => $one->take !== null && ($one->take->of ?? $one->id) === $screen));
        usort($takes, fn (Screen $a, Screen $b): int => strnatcmp($a->take->name ?? '', $b->take->name ?? ''));

        return $takes;
    }

    /** Whether a layer lies where it can be seen on the wall: loose, or on a screen that hangs there. */
    public function isHung(Layer $layer): bool
    {
        return $layer->screen === null || ($this->screens[$layer->screen] ?? null)?->hangs() !== false;
    }

    /** @return list<Entry> of one part of the brief, in their order */
    public function part(Part $part): array
    {
        $entries = array_values(array_filter($this->entries(), fn (Entry $entry): bool => $entry->part === $part));
        usort($entries, Rank::compare(...));

        return $entries;
    }

    public function withProject(Project $project): self
    {
        return $this->with(project: $project);
    }

    public function withLayers(Layer ...$layers): self
    {
        $all = $this->layers;
        $complete = $this->complete;
        $inPlace = true;
        foreach ($layers as $layer) {
            $old = $all[$layer->id] ?? null;
            $all[$layer->id] = $layer;
            if ($old === null && $complete !== null) {
                $complete[$layer->id] = true;
            }
            $inPlace = $inPlace && $old !== null && [$old->screen, $old->parent, $old->rank] === [$layer->screen, $layer->parent, $layer->rank];
        }
        $tree = $this->with(layers: $all, complete: $complete);
        if ($inPlace && isset(self::indexes()[$this])) {
            self::indexes()[$tree] = self::indexes()[$this];
        }

        return $tree;
    }

    /** Deleted screens take their layers with them; restored ones bring them back. */
    public function withScreens(Screen ...$screens): self
    {
        [$all, $gone, $complete, $moved] = [$this->screens, $this->gone, $this->complete, []];
        foreach ($screens as $screen) {
            $isNew = ! isset($all[$screen->id]) && ! isset($gone[$screen->id]);
            if (isset($gone[$screen->id]) !== $screen->gone && ! $isNew) {
                $moved[$screen->id] = true;
            }
            unset($all[$screen->id], $gone[$screen->id]);
            if ($screen->gone) {
                $gone[$screen->id] = $screen;
            } else {
                $all[$screen->id] = $screen;
            }
            if ($isNew && $complete !== null) {
                $complete['screen:'.$screen->id] = true;
            }
        }
        $tree = $this->with(screens: $this->inOrder($all), gone: $gone, complete: $complete);

        return $moved === [] ? $tree : $tree->woken($moved);
    }

    /** @param  array<string, true>  $moved  screens that have gone or come back, by id */
    private function woken(array $moved): self
    {
        $layers = $asleep = [];
        foreach ($this->layers + $this->asleep as $id => $layer) {
            $sleeps = isset($moved[$layer->screen ?? '']) ? isset($this->gone[$layer->screen ?? '']) : ! isset($this->layers[$id]);
            if ($sleeps) {
                $asleep[$id] = $layer;
            } else {
                $layers[$id] = $layer;
            }
        }

        return $this->with(layers: $layers, asleep: $asleep);
    }

    /**
     * Screens that were there already keep their places among the others.
     *
     * @param  array<string, Screen>  $screens
     * @return array<string, Screen>
     */
    private function inOrder(array $screens): array
    {
        return [...array_intersect_key(array_replace($this->screens, $screens), $screens)];
    }

    public function withoutLayers(string ...$ids): self
    {
        return $this->with(layers: array_diff_key($this->layers, array_flip($ids)));
    }

    public function withoutScreens(string ...$ids): self
    {
        return $this->with(screens: array_diff_key($this->screens, array_flip($ids)), gone: array_diff_key($this->gone, array_flip($ids)));
    }

    /** @return array<string, Thing> those of a kind that has no way of its own, by id */
    public function things(Entity $entity): array
    {
        return $this->things[$entity->value] ?? [];
    }

    /** With things of one kind, in the place of those with the same ids. */
    public function put(Entity $entity, Thing ...$things): self
    {
        foreach ($things as $thing) {
            if (! is_a($thing, $entity->kept()->class)) {
                throw new \LogicException("A {$entity->value} is expected here.");
            }
        }

        return match ($entity) {
            Entity::Project => $things === [] ? $this : $this->with(project: $things[count($things) - 1]),
            Entity::Screen => $this->withScreens(...array_filter($things, fn (Thing $one): bool => $one instanceof Screen)),
            Entity::Layer => $this->withLayers(...array_filter($things, fn (Thing $one): bool => $one instanceof Layer)),
            default => $this->with(things: [...$this->things, $entity->value => [...$this->things($entity), ...array_column($things, null, 'id')]]),
        };
    }

    public function without(Entity $entity, string ...$ids): self
    {
        return match ($entity) {
            Entity::Project => $this,
            Entity::Screen => $this->withoutScreens(...$ids),
            Entity::Layer => $this->withoutLayers(...$ids),
            default => $this->with(things: [...$this->things, $entity->value => array_diff_key($this->things($entity), array_flip($ids))]),
        };
    }

    /** @return array<string, Entry> of the brief, by id */
    public function entries(): array
    {
        return array_filter($this->things(Entity::Entry), fn (Thing $one): bool => $one instanceof Entry);
    }

    public function withEntries(Entry ...$entries): self
    {
        return $this->put(Entity::Entry, ...$entries);
    }

    public function entry(string $id): Entry
    {
        return $this->entries()[$id] ?? throw Missing::entry($id);
    }

    public function holds(Place $place): bool
    {
        return $this->complete === null || isset($this->complete[$place->key()]);
    }

    private function mustHold(Place $place): void
    {
        if (! $this->holds($place)) {
            throw new OutsideWorkingSet("The layers of {$place->key()} were not declared.");
        }
    }

    /** @return \WeakMap<self, array<string, list<string>>> one index a tree, made when first asked for, and handed on while nothing changes its place */
    private static function indexes(): \WeakMap
    {
        /** @var \WeakMap<self, array<string, list<string>>>|null $indexes */
        static $indexes = null;

        if ($indexes === null) {
            $indexes = new \WeakMap;
        }

        return $indexes; // @phpstan-ignore return.type (a new map is of any type)
    }

    /** @return array<string, list<string>> the layers of each place, by its key, bottom first */
    private function index(): array
    {
        $indexes = self::indexes();
        if (! isset($indexes[$this])) {
            $places = [];
            foreach ($this->layers as $layer) {
                $places[$layer->parent ?? 'screen:'.($layer->screen ?? '')][$layer->id] = Rank::key($layer);
            }
            $index = [];
            foreach ($places as $key => $siblings) {
                asort($siblings, SORT_STRING);
                $index[$key] = array_map(strval(...), array_keys($siblings));
            }
            $indexes[$this] = $index;

            return $index;
        }

        return $indexes[$this];
    }
}
