<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Condition;

use Kindred\Document\Cue\CueCondition;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** What the widgets of the screen hold keeps their rules; where it does not, they say what is wrong. */
final readonly class FieldsAreRight implements CueCondition
{
    use Declared;

    /** @param  bool  $not  whether it is that something is wrong with them */
    public function __construct(#[Is\Flag(sparse: true)] public bool $not = false)
    {
    }

    public static function kind(): string
    {
        return 'fields';
    }

    public static function label(): string
    {
        return 'The fields';
    }
}
