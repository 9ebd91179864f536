<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A quick stroke in a direction. */
final readonly class Swipe implements Trigger
{
    use Anywhere;
    use Declared;

    public function __construct(#[Is\Choice(absent: [Direction::Left])] public Direction $direction = Direction::Left)
    {
    }

    public static function kind(): string
    {
        return 'swipe';
    }

    public static function label(): string
    {
        return 'Swipe';
    }
}
