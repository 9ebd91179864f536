<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Words that are spoken; a rehearsal takes them typed. What is said has them in it, in this order; signs and capitals count as nothing. */
final readonly class Spoken implements Trigger
{
    use Anywhere;
    use Declared;

    public function __construct(#[Is\Words(120, absent: ['next'])] public string $phrase = 'next')
    {
    }

    public static function kind(): string
    {
        return 'spoken';
    }

    public static function label(): string
    {
        return 'Words are spoken';
    }
}
