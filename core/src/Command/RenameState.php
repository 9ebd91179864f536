<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Calls an axis of a component, or one of its states, otherwise. */
final readonly class RenameState implements Command
{
    use OnInstances;

    private function __construct(private string $component, private string $axis, private ?string $state, private string $name)
    {
    }

    public static function type(): string
    {
        return 'rename-state';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), $in->id('axis'), $in->optionalId('state'), $in->name('name'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        $component = self::component($tree, $this->component);
        $axis = $component->axis($this->axis);
        $state = $axis?->state($this->state ?? '');
        if ($axis === null || ($this->state !== null && $state === null)) {
            throw new InvalidInput('state', 'That is not there; it may have been removed in another window.');
        }

        return self::put($tree, $this->component, $component->withAxis($state === null ? $axis->with(name: $this->name) : $axis->withState($state->with(name: $this->name))));
    }

    public function label(Tree $before): string
    {
        return "Rename to {$this->name}";
    }
}
