<?php

declare(strict_types=1);

namespace Kindred\Check;

/** A rule about the ways between screens. */
interface OnFlow extends Rule
{
    /** @return iterable<Finding> */
    public static function in(Ways $ways): iterable;
}
