<?php

declare(strict_types=1);

namespace Kindred\Check;

/**
 * A rule about what screens have in common. What each has to say is gathered by itself, so that it can be kept until the screen changes;
 * to compare it costs little.
 */
interface Across extends Rule
{
    /** @return list<Fact> */
    public static function facts(Scene $scene): array;

    /**
     * @param  list<Fact>  $facts  of all screens, in the order of the reel
     * @return iterable<Finding>
     */
    public static function among(array $facts): iterable;
}
