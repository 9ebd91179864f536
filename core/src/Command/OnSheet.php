<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;

/** For commands on the data sheet of an array, named by `screen` and `layer`. */
trait OnSheet
{
    use OnLayers;

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    private function array(Tree $tree): ArrayLayer
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);

        return $layer->content instanceof ArrayLayer ? $layer->content : throw new InvalidInput('layer', "“{$layer->name}” is not an array.");
    }

    private function withSheet(Tree $tree, Sheet $sheet): Tree
    {
        return $this->withArray($tree, $this->array($tree)->withSheet($sheet));
    }

    private function withArray(Tree $tree, ArrayLayer $array): Tree
    {
        return $tree->withLayers($tree->layer($this->layer)->with(content: $array));
    }

    private function nameOf(Tree $before): string
    {
        return ($before->layers[$this->layer] ?? null)->name ?? 'an array';
    }
}
