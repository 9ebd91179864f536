<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/**
 * The copies in which a change was made, such as cells of an array or instances of a component, by the addresses of the layers
 * that a command names, and whether it is for them alone.
 *
 * What is for a copy alone is set there apart from what all copies show. Otherwise it is changed where the copy takes it
 * from, such as the row of a data sheet or the state that an instance is in, and only where it takes it from nowhere in what all
 * of them show.
 */
final readonly class InCopies
{
    /** @param  array<string, list<Address>>  $addresses  by layer */
    private function __construct(private array $addresses, private bool $apart)
    {
    }

    /** @param  list<Address>  $named  the layers that the command names */
    public static function read(Reader $in, array $named): self
    {
        if ($in->has('row')) {
            $in->fail('row', 'This page is older than the application. Load it again');
        }
        $addresses = [];
        foreach ($named as $address) {
            $addresses[$address->layer][] = $address;
        }

        return new self($addresses, $in->boolean('apart', false));
    }

    /**
     * The tree with one property of a layer changed. A copy is changed from what it has itself, its own values and those of its row.
     *
     * @param  Layer  $layer  as all copies show it
     * @param  \Closure(Tree, Layer): ?Tree  $change  of a layer as it is in a tree; null where it stays as it is
     *
     * @throws InvalidInput where no copy alone can be so, or one is not there
     */
    public function change(Tree $tree, Layer $layer, Field $field, \Closure $change): Tree
    {
        if ($this->areApart($layer) && ! $field->isOverridable() && $this->isInCells($tree, $layer)) {
            throw new InvalidInput('value', 'One cell cannot be laid out in another way than the rest; change every cell instead.');
        }
        $changed = $this->inCopies($tree, $layer, function (Tree $tree, Address $address) use ($layer, $field, $change): ?Tree {
            $copy = self::filled($tree, $layer, $address);
            $own = $copy->layer($layer->id);
            $set = $change($copy, $own)?->layer($layer->id);

            return $set === null ? $tree : $this->at($tree, $layer, $address, ...self::said($field, $own, $set));
        });

        return $changed ?? $change($tree, $layer) ?? $tree;
    }

    /**
     * A colour in the place of a colour is said as one, which is what the rows of a data sheet hold.
     *
     * @return array{string, mixed} the path of a property, and its value as it is written
     */
    private static function said(Field $field, Layer $layer, Layer $set): array
    {
        $front = [$layer->fills[0] ?? null, $set->fills[0] ?? null];
        $plain = $field->path === Field::PAINT_OF_FILL && $front[1]?->paint instanceof Solid && ($front[0] === null || $front[0]->paint instanceof Solid);
        $said = $plain ? Field::find(Field::FILL) ?? $field : $field;

        return [$said->path, $said->plain($set)];
    }

    /**
     * The tree with a property of a layer bound to a token, or to none, in the instances in which it is named: in what they have alone, or in
     * their states. Of cells none is bound by itself.
     *
     * @param  string  $path  of the property
     * @param  \Closure(Tree, Layer): Layer  $change  of a layer as it is in a tree
     *
     * @throws InvalidInput where it cannot be so in one copy alone
     */
    public function bound(Tree $tree, Layer $layer, string $path, \Closure $change): Tree
    {
        return $this->inCopies($tree, $layer, function (Tree $tree, Address $address) use ($layer, $path, $change): ?Tree {
            $expanding = self::expanding($tree, $layer, $address);
            if ($this->apart && ! $expanding[count($expanding) - 1][1]::followsTokens()) {
                throw new InvalidInput('token', 'One cell cannot follow a token by itself; change every cell instead.');
            }
            if (! $expanding[0][1] instanceof Instance) {
                return null;
            }
            $copy = self::filled($tree, $layer, $address);
            $own = $copy->layer($layer->id);
            $set = $change($copy, $own);
            $field = Field::find($path) ?? throw new InvalidInput('field', 'This cannot be so in one copy or state alone; change the component as it is designed.');
            [$said, $value] = self::said($field, $own, $set);
            $there = $this->apart ? self::apart($tree, $layer, $address, $said, $value) : $this->inComponent($tree, $layer, $address, $said, [$value]);
            [$holder, $name] = Bindings::holder($set, $path);
            $token = Bindings::of($set)[$path] ?? null;
            if ($there === null || $token === null) {
                return $there;
            }
            $key = $holder === '' ? 'bound' : "{$holder}.bound";

            return $this->apart ? self::apart($there, $layer, $address, $key, [$name => $token]) : $this->inComponent($there, $layer, $address, $key, [[$name => $token]], $said);
        }) ?? $tree->withLayers($change($tree, $tree->layer($layer->id)));
    }

    /** The words of a text where it is named: those of a copy, or those that all copies show. */
    public function words(Tree $tree, Layer $layer): ?string
    {
        $there = $this->named($tree, $layer);

        return $there->content instanceof Text ? $there->content->words : null;
    }

    /** A layer as it is where it is named first: in a copy, or as all copies show it. */
    public function named(Tree $tree, Layer $layer): Layer
    {
        $address = $this->addresses[$layer->id][0] ?? null;

        return $address === null || $address->copies === [] ? $layer : self::filled($tree, $layer, $address)->layer($layer->id);
    }

    /** The tree with the words of a text in the copies; null where they are what all copies show. */
    public function saying(Tree $tree, Layer $layer, string $words): ?Tree
    {
        return $this->inCopies($tree, $layer, fn (Tree $tree, Address $address): ?Tree => $this->at($tree, $layer, $address, Slot::Words->path(), $words));
    }

    /** How words are set that copies have alone, where it is otherwise than it would follow from what all copies show; what they have no longer alone is dropped. */
    public function setting(Tree $tree, Layer $layer, Text $followed, Text $set): Tree
    {
        foreach ($this->addresses[$layer->id] ?? [] as $address) {
            foreach (['runs', 'paragraphs'] as $path) {
                $own = Path::of($path)->plain($layer->with(content: $set));
                $tree = $this->set($tree, $layer, $address, $path, $own === Path::of($path)->plain($layer->with(content: $followed)) ? null : [$own]);
            }
        }

        return $tree;
    }

    /** Whether the outermost of the copies in which a layer is named is a cell. */
    private function isInCells(Tree $tree, Layer $layer): bool
    {
        return array_filter($this->addresses[$layer->id] ?? [], fn (Address $one): bool => ($tree->showing($one)[0] ?? null)?->content instanceof ArrayLayer) !== [];
    }

    /**
     * What a command on layers in copies needs.
     *
     * @param  list<string>  $layers
     */
    public function workingSet(?string $screen, array $layers): WorkingSet
    {
        $named = array_merge([], ...array_values($this->addresses));
        $still = $this->apart && array_filter($named, fn (Address $one): bool => $one->copies === []) === [];

        return new WorkingSet($screen === null ? [] : [$screen], [...$layers, ...$this->around()], still: $still && $screen !== null ? [$screen] : []);
    }

    /** @return list<string> what may show the copies: the instances among them */
    private function around(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(fn (Address $one): array => $one->copies, array_merge([], ...array_values($this->addresses))))));
    }

    /**
     * The tree with what is no field of its own changed, such as the states of an instance, where it is named.
     *
     * @param  \Closure(Layer): Layer  $change  of the layer as it is there
     */
    public function put(Tree $tree, Layer $layer, string $path, \Closure $change): Tree
    {
        return $this->inCopies($tree, $layer, function (Tree $tree, Address $address) use ($layer, $path, $change): ?Tree {
            $set = $change(self::filled($tree, $layer, $address)->layer($layer->id));

            return $this->at($tree, $layer, $address, $path, Path::of($path)->plain($set));
        }) ?? $tree->withLayers($change($tree->layer($layer->id)));
    }

    /** Whether a layer is named in copies. */
    public function areIn(Layer $layer): bool
    {
        return array_filter($this->addresses[$layer->id] ?? [], fn (Address $one): bool => $one->copies !== []) !== [];
    }

    /** Whether what is changed of a layer is not so in all that show it: it is for copies alone, or for the states that they show. */
    public function areOwn(Tree $tree, Layer $layer): bool
    {
        $addresses = $this->addresses[$layer->id] ?? [];

        return $this->areApart($layer) || ($addresses !== [] && array_filter($addresses, fn (Address $one): bool => $one->copies === [] || ! self::inState($tree, $layer, $one)) === []);
    }

    /** Whether what shows a copy is an instance in other states than those in which its component is designed. */
    private static function inState(Tree $tree, Layer $layer, Address $address): bool
    {
        $instance = self::expanding($tree, $layer, $address)[0][1];

        return $instance instanceof Instance && ($tree->component($instance->component)?->otherStates($instance->states) ?? []) !== [];
    }

    /** Whether a layer is named in copies, and what changes is for them alone. */
    public function areApart(Layer $layer): bool
    {
        return $this->apart && $this->areIn($layer);
    }

    /**
     * The tree after all copies, one after another; null where one of them is not changed by itself, or the layer is named in its own place.
     *
     * @param  \Closure(Tree, Address): ?Tree  $at
     */
    private function inCopies(Tree $tree, Layer $layer, \Closure $at): ?Tree
    {
        $addresses = $this->addresses[$layer->id] ?? [];
        foreach ($addresses as $address) {
            $tree = $address->copies === [] ? null : $at($tree, $address);
            if ($tree === null) {
                return null;
            }
        }

        return $addresses === [] ? null : $tree;
    }

    /** What a copy shows, with the values of its row and its own in it, and so for each copy in a copy; not laid out. */
    private static function filled(Tree $tree, Layer $layer, Address $address): Tree
    {
        self::expanding($tree, $layer, $address);

        return Filling::at($tree, $address);
    }

    private function at(Tree $tree, Layer $layer, Address $address, string $path, mixed $value): ?Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        if ($this->apart) {
            return self::apart($tree, $layer, $address, $path, $value);
        }
        // A sheet feeds the design of all its cells, and what lies in instances there.
        $fed = new Address($layer->id);
        foreach ($expanding as $i => [$around, $content]) {
            $copy = $address->copies[count($address->copies) - 1 - $i];
            $feeding = $content->feeding($copy, (string) $fed, $path, is_scalar($value) ? (string) $value : '');
            if ($feeding !== null) {
                return $tree->withLayers($around->with(content: $feeding));
            }
            $fed = $content instanceof Instance ? new Address($fed->layer, [$copy, ...$fed->copies]) : $fed;
        }
        if ($expanding[0][1] instanceof Instance) {
            return $this->inComponent($tree, $layer, $address, $path, [$value]);
        }

        return null;
    }

    /**
     * What a copy has alone set or, where nothing is given, dropped: in the copy, or in the state of the component that it shows.
     *
     * @param  array{mixed}|null  $value
     */
    private function set(Tree $tree, Layer $layer, Address $address, string $path, ?array $value): Tree
    {
        $inside = $this->apart || ! self::expanding($tree, $layer, $address)[0][0]->content instanceof Instance ? null : $this->inComponent($tree, $layer, $address, $path, $value);

        return $inside ?? ($value !== null ? self::apart($tree, $layer, $address, $path, $value[0])
            : self::outermost($tree, $layer, $address, fn (Expanding $content): Expanding => $content->following($address->copies[0], $address->within(), $path)));
    }

    /**
     * A property changed in what the instances of a component show: where one in another component has it for itself, there;
     * otherwise in the states that the innermost is in. Null where it is in the first of all: its layers are designed so.
     *
     * @param  array{mixed}|null  $value  null to drop it
     * @param  string|null  $with  another property, where that is changed this is, too
     */
    private function inComponent(Tree $tree, Layer $layer, Address $address, string $path, ?array $value, ?string $with = null): ?Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        foreach (array_slice($expanding, 0, -1) as $i => [$around, $content]) {
            $within = new Address($layer->id, $i === 0 ? [] : array_slice($address->copies, -$i));
            if ($content instanceof Instance && in_array($with ?? $path, $content->overridden($around->id, $within), true)) {
                return $tree->withLayers($around->with(content: $value === null ? $content->following($around->id, $within, $path) : $content->overriding($around->id, $within, $path, $value[0])));
            }
        }
        $instance = $expanding[0][1];
        $sheet = $instance instanceof Instance ? $tree->screens[$instance->component] ?? null : null;
        if (! $instance instanceof Instance || $sheet?->component === null || $sheet->component->otherStates($instance->states) === []) {
            return null;
        }
        $own = $sheet->component->ownOf($instance->states);
        $at = new Address($layer->id);

        return $tree->withScreens($sheet->with(component: $sheet->component->withOwn($instance->states, $value === null ? OverrideValues::without($own, $at, $path) : OverrideValues::with($own, $at, $path, $value[0]))));
    }

    private static function apart(Tree $tree, Layer $layer, Address $address, string $path, mixed $value): Tree
    {
        return self::outermost($tree, $layer, $address, fn (Expanding $content): Expanding => $content->overriding($address->copies[0], $address->within(), $path, $value));
    }

    /** @param  \Closure(Expanding): Expanding  $with  another content of what shows the outermost of the copies, which holds all that they have alone */
    private static function outermost(Tree $tree, Layer $layer, Address $address, \Closure $with): Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        [$around, $content] = $expanding[count($expanding) - 1];

        return $tree->withLayers($around->with(content: $with($content)));
    }

    /**
     * What shows the copies of an address, innermost first.
     *
     * @return non-empty-list<array{Layer, Expanding}>
     */
    private static function expanding(Tree $tree, Layer $layer, Address $address): array
    {
        $expanding = [];
        foreach (array_reverse($tree->showing($address) ?? []) as $around) {
            $expanding[] = [$around, $around->content instanceof Expanding ? $around->content : throw new \LogicException("{$around->id} shows no copies.")];
        }

        return $expanding === [] ? throw new InvalidInput('layers', "“{$layer->name}” no longer lies in that copy; it may have been removed in another window.") : $expanding;
    }
}
