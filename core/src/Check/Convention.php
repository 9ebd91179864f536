<?php

declare(strict_types=1);

namespace Kindred\Check;

/** A set of limits that a project may follow as a whole. A further one is a class in `Convention` and a line in the register. */
interface Convention
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [Convention\Readable::class, Convention\WellReadable::class, Convention\InTheHand::class, Convention\InGloves::class, Convention\OnTheDesk::class];

    public static function key(): string;

    /** As people choose it. */
    public static function label(): string;

    /** Where its limits come from. */
    public static function source(): string;

    /** @return non-empty-array<class-string<Rule>, float> limits by rule; all others are as they were */
    public static function limits(): array;
}
