<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A delay in ms after its screen opened. */
final readonly class Delay implements Trigger
{
    use Anywhere;
    use Declared;

    public const MAX = 600_000;

    /** ms */
    private const USUAL = 1000;

    public function __construct(#[Is\Duration(self::MAX, label: 'wait', given: true)] public int $delay = 0)
    {
    }

    public static function kind(): string
    {
        return 'delay';
    }

    public static function label(): string
    {
        return 'After a delay';
    }

    public static function fresh(): self
    {
        return new self(self::USUAL);
    }
}
