<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A condition on values that did not hold holds from now on. */
final readonly class Reaching implements Trigger
{
    use Declared;

    public function __construct(#[Is\Record] public SignalIs $reaches = new SignalIs(''))
    {
    }

    public static function kind(): string
    {
        return 'signal';
    }

    public static function label(): string
    {
        return 'A value is reached';
    }

    public static function isOfScreens(): bool
    {
        return true;
    }

    public static function isPressed(): bool
    {
        return false;
    }

    public static function fresh(): self
    {
        return new self;
    }
}
