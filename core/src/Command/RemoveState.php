<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Component\Axis;
use Kindred\Document\Component\State;
use Kindred\Document\Component\StateOverrides;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Takes a state away from a component, with what is otherwise in it and what shows it on the sheet. Instances in that state show the
 * first one of the axis. An axis of which only the first state is left goes, too.
 */
final readonly class RemoveState implements Command
{
    use OnInstances;

    private function __construct(private string $component, private string $axis, private string $state)
    {
    }

    public static function type(): string
    {
        return 'remove-state';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), $in->id('axis'), $in->id('state'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(components: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        $component = self::component($tree, $this->component);
        $axis = $component->axis($this->axis);
        $state = $axis?->state($this->state);
        if ($axis === null || $state === null) {
            throw new InvalidInput('state', 'That state is not there; it may have been removed in another window.');
        }
        if ($state === $axis->state0()) {
            throw new InvalidInput('state', "“{$state->name}” is how the component is designed; it cannot be removed. Remove the others instead.");
        }
        $gone = array_filter($tree->children(new Place($this->component)), fn (Layer $one): bool => $one->content instanceof Instance && $one->content->component === $this->component && ($one->content->states[$this->axis] ?? null) === $this->state);
        $tree = $tree->withoutLayers(...array_map(fn (Layer $one): string => $one->id, array_values($gone)));

        $left = $axis->with(states: array_values(array_filter($axis->states, fn (State $one): bool => $one->id !== $this->state)));

        return self::put($tree, $this->component, $component->with(
            axes: array_values(array_filter($component->withAxis($left)->axes, fn (Axis $one): bool => count($one->states) > 1)),
            overrides: array_values(array_filter($component->overrides, fn (StateOverrides $one): bool => ($one->in[$this->axis] ?? null) !== $this->state)),
        ));
    }

    public function label(Tree $before): string
    {
        return 'Remove state '.($before->component($this->component)?->axis($this->axis)?->state($this->state)->name ?? '');
    }
}
