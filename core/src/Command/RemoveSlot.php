<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Component\Slot;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** A slot of a component is none any more; what instances fill in there they keep as a property of their own. */
final readonly class RemoveSlot implements Command
{
    use OnInstances;

    private function __construct(private string $component, private string $slot)
    {
    }

    public static function type(): string
    {
        return 'remove-slot';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), $in->id('slot'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        $component = self::component($tree, $this->component);
        if ($component->slot($this->slot) === null) {
            throw new InvalidInput('slot', 'That slot is not there; it may have been removed in another window.');
        }

        return self::put($tree, $this->component, $component->with(slots: array_values(array_filter($component->slots, fn (Slot $one): bool => $one->id !== $this->slot))));
    }

    public function label(Tree $before): string
    {
        return 'Remove slot '.($before->component($this->component)?->slot($this->slot)->name ?? '');
    }
}
