<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Component\Slot;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Makes a property of a layer of a component a slot, which each instance fills in, or calls one otherwise. */
final readonly class PutSlot implements Command
{
    use OnInstances;

    private function __construct(private string $component, private Slot $slot)
    {
    }

    public static function type(): string
    {
        return 'put-slot';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), Slot::read($in->object('slot')));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(components: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        $component = self::component($tree, $this->component);
        $known = $component->slot($this->slot->id);
        if ($known !== null) {
            return self::put($tree, $this->component, $component->withSlot($known->with(name: $this->slot->name)));
        }
        $layer = $tree->layers[$this->slot->layer] ?? null;
        if ($layer === null || ! in_array($layer, $tree->design($this->component), true)) {
            throw new InvalidInput('slot', 'Only what lies in the component itself can be a slot.');
        }
        if (! self::has($layer, $this->slot->path)) {
            throw new InvalidInput('slot', "“{$layer->name}” has nothing of that kind to fill in.");
        }

        return $component->slotOf(new Address($layer->id), $this->slot->path) !== null ? $tree : self::put($tree, $this->component, $component->withSlot($this->slot));
    }

    private static function has(Layer $layer, string $path): bool
    {
        return match ($path) {
            'words' => $layer->content instanceof Text,
            'hidden' => true,
            OverrideValues::COMPONENT => $layer->content instanceof Instance,
            default => Field::find($path)?->of($layer) !== null,
        };
    }

    public function label(Tree $before): string
    {
        return "Slot {$this->slot->name}";
    }
}
