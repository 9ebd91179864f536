<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Screen;

/** A rule that looks beyond the screen. What it has found on one stays true until the screen changes, or what it has looked at elsewhere. */
interface Beyond extends Rule
{
    /** @return string another one when what the rule looks at elsewhere is not the same any more */
    public static function beyond(Elsewhere $elsewhere, Screen $screen): string;
}
