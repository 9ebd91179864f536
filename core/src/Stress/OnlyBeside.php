<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Group;
use Kindred\Check\Limit;

/** What rules share that mean something only beside the screen as it is without strain. */
trait OnlyBeside
{
    public static function group(): Group
    {
        return Group::Place;
    }

    public static function limit(): ?Limit
    {
        return null;
    }
}
