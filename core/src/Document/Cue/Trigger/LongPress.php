<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A press that stays where it is for so many ms. */
final readonly class LongPress implements Trigger
{
    use Declared;
    use Pressed;

    public const MAX = 10_000;

    public function __construct(#[Is\Duration(self::MAX, label: 'press', absent: [500])] public int $press = 500)
    {
    }

    public static function kind(): string
    {
        return 'long-press';
    }

    public static function label(): string
    {
        return 'Long press';
    }
}
