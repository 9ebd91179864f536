<?php

declare(strict_types=1);

namespace Kindred\Check;

/** A rule about each screen by itself. */
interface OnScreen extends Rule
{
    /**
     * @param  float|null  $limit  what the project sets, or the usual one; null where there is none
     * @return iterable<Finding>
     */
    public static function on(Scene $scene, ?float $limit): iterable;
}
