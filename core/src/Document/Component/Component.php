<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Address;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What a screen is as the sheet of a component: which of its layers instances show, with all in it, the states in which that is
 * otherwise, and what each instance fills in for itself.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class Component implements Stored
{
    use Declared;

    public const MAX_AXES = 6;

    public const MAX_SLOTS = 60;

    public const MAX_OVERRIDES = 200;

    /**
     * @param  string  $root  the id of the layer that instances show
     * @param  list<Axis>  $axes
     * @param  list<StateOverrides>  $overrides
     * @param  list<Slot>  $slots
     */
    public function __construct(
        #[Is\Id] public string $root,
        #[Is\Records(Axis::class, self::MAX_AXES, sparse: true)] public array $axes = [],
        #[Is\Records(StateOverrides::class, self::MAX_OVERRIDES, sparse: true)] public array $overrides = [],
        #[Is\Records(Slot::class, self::MAX_SLOTS, sparse: true)] public array $slots = [],
    ) {
    }

    public function axis(string $id): ?Axis
    {
        return array_column($this->axes, null, 'id')[$id] ?? null;
    }

    /** With an axis in the place of the one that has its id, or after all others. */
    public function withAxis(Axis $axis): self
    {
        return $this->with(axes: array_values([...array_column($this->axes, null, 'id'), $axis->id => $axis]));
    }

    public function slot(string $id): ?Slot
    {
        return array_column($this->slots, null, 'id')[$id] ?? null;
    }

    /** With a slot in the place of the one that has its id, or after all others. */
    public function withSlot(Slot $slot): self
    {
        return $this->with(slots: array_values([...array_column($this->slots, null, 'id'), $slot->id => $slot]));
    }

    /** The slot that a property of a layer in it is, where it is one. */
    public function slotOf(Address $layer, string $path): ?Slot
    {
        foreach ($this->slots as $slot) {
            if ($slot->layer === (string) $layer && $slot->path === $path) {
                return $slot;
            }
        }

        return null;
    }

    /**
     * The states that hold: those that are named, as far as they are there and not the first of their axis.
     *
     * @param  array<string, string>  $states  by axis
     * @return array<string, string>
     */
    public function otherStates(array $states): array
    {
        $holding = [];
        foreach ($this->axes as $axis) {
            $state = $axis->state($states[$axis->id] ?? '');
            if ($state !== null && $state !== $axis->state0()) {
                $holding[$axis->id] = $state->id;
            }
        }

        return $holding;
    }

    /**
     * What is otherwise in some states, what holds in fewer of them at once first.
     *
     * @param  array<string, string>  $states  by axis
     * @return list<Values>
     */
    public function layersIn(array $states): array
    {
        $states = $this->otherStates($states);
        $holding = array_values(array_filter($this->overrides, fn (StateOverrides $one): bool => $one->holds($states)));
        usort($holding, fn (StateOverrides $a, StateOverrides $b): int => count($a->in) <=> count($b->in));

        return array_column($holding, 'layers');
    }

    /**
     * What is otherwise in just these states, not in some of them.
     *
     * @param  array<string, string>  $states  by axis
     * @return Values
     */
    public function ownOf(array $states): array
    {
        $states = $this->otherStates($states);
        foreach ($this->overrides as $one) {
            if (self::same($one->in, $states)) {
                return $one->layers;
            }
        }

        return [];
    }

    /**
     * With what is otherwise in just these states.
     *
     * @param  array<string, string>  $states  by axis
     * @param  Values  $layers
     */
    public function withOwn(array $states, array $layers): self
    {
        $states = $this->otherStates($states);
        $others = array_values(array_filter($this->overrides, fn (StateOverrides $one): bool => ! self::same($one->in, $states)));

        return $this->with(overrides: $layers === [] ? $others : [...$others, new StateOverrides($states, $layers)]);
    }

    /** Whether something that is otherwise in some states has the value of a token. */
    public function isBound(): bool
    {
        return array_filter($this->overrides, fn (StateOverrides $one): bool => OverrideValues::areBound($one->layers)) !== [];
    }

    /** @return list<string> the components that instances in it show in some states instead of those in their design */
    public function components(): array
    {
        return array_merge([], ...array_map(fn (StateOverrides $one): array => OverrideValues::components($one->layers), $this->overrides));
    }

    /**
     * With the ids of layers in it replaced by new ones.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): self
    {
        return $this->with(
            root: $ids[$this->root] ?? $this->root,
            overrides: array_map(fn (StateOverrides $one): StateOverrides => $one->with(layers: OverrideValues::renamed($one->layers, $ids)), $this->overrides),
            slots: array_map(fn (Slot $slot): Slot => $slot->with(layer: (string) Address::of($slot->layer)->renamed($ids)), $this->slots),
        );
    }

    /**
     * What it is called in some states, beside its name: "Large, on"; empty in the first of all.
     *
     * @param  array<string, string>  $states  by axis
     */
    public function says(array $states): string
    {
        $names = [];
        foreach ($this->axes as $axis) {
            $state = $axis->state($this->otherStates($states)[$axis->id] ?? '');
            $names = $state === null ? $names : [...$names, $state->name];
        }

        return implode(', ', $names);
    }

    /**
     * @param  array<string, string>  $a
     * @param  array<string, string>  $b
     */
    private static function same(array $a, array $b): bool
    {
        return array_diff_assoc($a, $b) === [] && array_diff_assoc($b, $a) === [];
    }
}
