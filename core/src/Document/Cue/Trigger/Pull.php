<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** What is scrolled is pulled down so far beyond its top, px, and let go. */
final readonly class Pull implements Trigger
{
    use Anywhere;
    use Declared;

    public const MAX = 400;

    public function __construct(#[Is\Number(10, self::MAX, unit: ' px', absent: [80.0])] public float $distance = 80)
    {
    }

    public static function kind(): string
    {
        return 'pull';
    }

    public static function label(): string
    {
        return 'Pull down at the top';
    }
}
