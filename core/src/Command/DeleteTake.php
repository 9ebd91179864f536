<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Deletes a take that does not hang on the wall. */
final readonly class DeleteTake implements Command
{
    private function __construct(private string $screen, private string $take)
    {
    }

    public static function type(): string
    {
        return 'delete-take';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->id('take'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(whole: [$this->screen, $this->take], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $take = $tree->screen($this->take);
        if ($take->take?->of !== $this->screen) {
            throw new InvalidInput('take', 'The take that hangs on the wall cannot be deleted; hang another one there first. Nothing was changed.');
        }

        if ($tree->project->entry === $take->id) {
            $tree = $tree->withProject($tree->project->with(entry: $this->screen));
        }

        return $tree->withoutLayers(...array_map(fn (Layer $layer): string => $layer->id, $tree->layersOf($take->id)))->withoutScreens($take->id);
    }

    public function label(Tree $before): string
    {
        return 'Delete take '.($before->screens[$this->take]->take->name ?? '').' of '.($before->screens[$this->screen]->name ?? 'a screen');
    }
}
