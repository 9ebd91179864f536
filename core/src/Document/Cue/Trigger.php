<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Property\Kinded;

/** When a cue happens. A further kind is a class here and a line in the register. */
interface Trigger extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [Tap::class, Delay::class];

    /** As people choose it. */
    public static function label(): string;

    /** Whether a screen as a whole can wait for it; otherwise a layer is needed. */
    public static function isOfScreens(): bool;

    /** One that has just been chosen. */
    public static function fresh(): self;
}
