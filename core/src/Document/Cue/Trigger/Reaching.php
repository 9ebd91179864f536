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
    use Anywhere;
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
}
