<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Puts a screen after another in the reel, or first. */
final readonly class ReorderScreen implements Command
{
    private function __construct(private string $screen, private ?string $after)
    {
    }

    public static function type(): string
    {
        return 'reorder-screen';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->optionalId('after'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        if ($this->after === $this->screen) {
            return $tree;
        }
        $others = array_values(array_filter($tree->reel(), fn (Screen $screen): bool => $screen->id !== $this->screen));
        $at = -1;
        foreach ($others as $i => $screen) {
            $at = $screen->id === $this->after ? $i : $at;
        }
        $rank = Rank::between(($others[$at] ?? null)?->rank, ($others[$at + 1] ?? null)?->rank);

        return $tree->withScreens($tree->screen($this->screen)->with(rank: $rank));
    }

    public function label(Tree $before): string
    {
        return 'Reorder screen '.($before->screens[$this->screen]->name ?? '');
    }
}
