<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A drag in a direction: what the cue does follows the finger, and is done where it was let go beyond the middle of the distance (px), or thrown. */
final readonly class Drag implements Trigger
{
    use Anywhere;
    use Declared;

    public const MAX = 2000;

    public function __construct(
        #[Is\Choice(absent: [Direction::Left])] public Direction $direction = Direction::Left,
        #[Is\Number(10, self::MAX, unit: ' px', absent: [200.0])] public float $distance = 200,
    ) {
    }

    public static function kind(): string
    {
        return 'drag';
    }

    public static function label(): string
    {
        return 'Drag';
    }
}
