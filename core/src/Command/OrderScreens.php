<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Brings the whole reel into an order; screens that are not named come after the others, as they were. */
final readonly class OrderScreens implements Command
{
    /** @param  list<string>  $screens */
    private function __construct(private array $screens)
    {
    }

    public static function type(): string
    {
        return 'order-screens';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('screens'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $reel = array_column($tree->reel(), null, 'id');
        $order = array_keys(array_intersect_key(array_flip($this->screens), $reel) + $reel);
        if ($order === array_keys($reel)) {
            return $tree;
        }
        // The places stay the same; others stand in them.
        $ranks = array_column($reel, 'rank');

        return $tree->withScreens(...array_map(fn (string $id, string $rank): Screen => $tree->screen($id)->with(rank: $rank), $order, $ranks));
    }

    public function label(Tree $before): string
    {
        return 'Order the reel';
    }
}
