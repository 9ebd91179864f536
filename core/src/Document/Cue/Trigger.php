<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Trigger\Blur;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\DoubleTap;
use Kindred\Document\Cue\Trigger\Drag;
use Kindred\Document\Cue\Trigger\Focus;
use Kindred\Document\Cue\Trigger\Key;
use Kindred\Document\Cue\Trigger\LongPress;
use Kindred\Document\Cue\Trigger\Open;
use Kindred\Document\Cue\Trigger\PointerEnter;
use Kindred\Document\Cue\Trigger\PointerLeave;
use Kindred\Document\Cue\Trigger\Press;
use Kindred\Document\Cue\Trigger\Pull;
use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Cue\Trigger\Release;
use Kindred\Document\Cue\Trigger\Spoken;
use Kindred\Document\Cue\Trigger\Swipe;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Property\Kinded;

/** When a cue happens. A further kind is a class here and a line in the register. */
interface Trigger extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [
        Tap::class, DoubleTap::class, LongPress::class, Swipe::class, Drag::class, Pull::class, Press::class, Release::class, PointerEnter::class, PointerLeave::class,
        Key::class, Focus::class, Blur::class, Spoken::class, Open::class, Delay::class, Reaching::class,
    ];

    /** As people choose it. */
    public static function label(): string;

    /** Whether a screen as a whole can have cues of it; otherwise a layer is needed. */
    public static function isOfScreens(): bool;

    /** Whether what waits for it is a target, which is pressed. */
    public static function isPressed(): bool;

    /** One that has just been chosen. */
    public static function fresh(): self;
}
