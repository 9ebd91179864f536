<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;

/** For commands on the data sheet of an array or a chart, named by `screen` and `layer`. */
trait OnSheet
{
    use OnLayers;

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    private function content(Tree $tree): HasSheet
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);

        return $layer->content instanceof HasSheet ? $layer->content : throw new InvalidInput('layer', "“{$layer->name}” has no data sheet.");
    }

    private function withSheet(Tree $tree, Sheet $sheet): Tree
    {
        return $tree->withLayers($tree->layer($this->layer)->with(content: $this->content($tree)->withSheet($sheet)));
    }

    private function nameOf(Tree $before): string
    {
        return ($before->layers[$this->layer] ?? null)->name ?? 'a data sheet';
    }
}
