<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

/** A layer of the screen that leaves and the one of the arriving screen that it becomes; `delay` is what it begins later, ms. */
final readonly class Paired
{
    public function __construct(public Actor $from, public Actor $to, public By $by, public int $delay = 0)
    {
    }
}
