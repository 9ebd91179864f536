<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

final readonly class RenameLayer implements Command
{
    private function __construct(private string $layer, private string $name)
    {
    }

    public static function type(): string
    {
        return 'rename-layer';
    }

    public static function read(Reader $in): self
    {
        return new self(Address::layer($in, 'layer'), $in->name('name'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        return $tree->withLayers($tree->layer($this->layer)->with(name: $this->name));
    }

    public function label(Tree $before): string
    {
        return 'Rename '.($before->layers[$this->layer]->name ?? 'a layer')." to {$this->name}";
    }
}
