<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Component\Nesting;
use Kindred\Document\Cue\Entries;
use Kindred\Document\Difference;
use Kindred\Document\Limits;
use Kindred\Document\ShortRanks;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;

/** What follows from a change before it is written: the values of what is bound to tokens, layout, shortened ranks, and the check of the limits. */
final readonly class Consequences
{
    public function __construct(private Relayout $relayout)
    {
    }

    /** @throws \Kindred\Input\InvalidInput with what would be too large */
    public function of(Tree $before, Tree $after): Tree
    {
        Nesting::held($before, $after);
        $after = Entries::followed($before, $after);

        return Limits::held($before, ShortRanks::of($before, $this->relayout->after($before, Bindings::after($before, $after))));
    }

    /**
     * A step of the past made once more, or taken back: what it made is checked against what is there, the layout follows.
     *
     * @throws \Kindred\Document\Overtaken when what it would change has been changed since
     * @throws \Kindred\Input\InvalidInput where a component would come to lie in itself
     */
    public function replayed(Tree $before, Difference $step): Tree
    {
        $after = $step->applyTo($before, Computed::of(...));
        Nesting::held($before, $after);

        return $this->relayout->after($before, Bindings::after($before, $after), grown: true);
    }
}
