<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Deletes a component. Its instances are released into layers, or become those of another one. */
final readonly class RemoveComponent implements Command
{
    use OnInstances;

    private function __construct(private string $component, private ?string $instead, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'remove-component';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), $in->optionalId('instead'), $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(components: $this->instead === null ? [$this->component] : [$this->component, $this->instead], uses: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        self::component($tree, $this->component);
        if ($this->instead === $this->component) {
            throw new InvalidInput('instead', 'A component cannot stand in for itself.');
        }
        $ids = Id::in($tree, $this->seed);
        foreach (self::uses($tree, $this->component) as $layer) {
            if ($layer->component() === null) {
                throw new InvalidInput('component', "“{$layer->name}” shows this component in some copies or states alone; exchange it there first.");
            }
            $tree = $this->instead === null ? ReleaseInstances::released($tree, $layer, $ids) : $tree->withLayers(ExchangeInstances::exchanged($tree, $layer, $this->instead));
        }

        return $tree->withScreens($tree->screen($this->component)->with(gone: true));
    }

    /** @return list<Layer> what uses a component, but for what lies on its own sheet */
    public static function uses(Tree $tree, string $component): array
    {
        return array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen !== $component && in_array($component, $layer->components(), true)));
    }

    public function label(Tree $before): string
    {
        return 'Delete component '.($before->screens[$this->component]->name ?? '');
    }
}
