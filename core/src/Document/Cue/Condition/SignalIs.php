<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Condition;

use Kindred\Document\Cue\Comparison;
use Kindred\Document\Cue\CueCondition;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** What a widget holds, or a part of it, compared with a value or with what another holds. */
final readonly class SignalIs implements CueCondition
{
    use Declared;

    /**
     * @param  string  $signal  its name
     * @param  string  $part  as after a point between braces; empty for all of it
     * @param  string  $value  a number, words, `on` or `off`, a day as `2026-05-01`, `today`
     * @param  string  $to  the signal that it is compared with in place of the value
     */
    public function __construct(
        #[Is\Words(80)] public string $signal,
        #[Is\Words(80, sparse: true)] public string $part = '',
        #[Is\Choice(absent: [Comparison::Is])] public Comparison $compare = Comparison::Is,
        #[Is\Words(500)] public string $value = '',
        #[Is\Words(80, sparse: true)] public string $to = '',
    ) {
    }

    public static function kind(): string
    {
        return 'signal';
    }

    public static function label(): string
    {
        return 'A value';
    }
}
