<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Trigger;

use Kindred\Document\Cue\Trigger;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A key, with others held down: `Enter`, `Ctrl+K`, `ArrowLeft`, as browsers call them (UI Events, KeyboardEvent key values). */
final readonly class Key implements Trigger
{
    use Anywhere;
    use Declared;

    /** Held down, in the order in which they are written; the last is Shift. */
    public const HELD = ['Ctrl', 'Alt', 'Meta', 'Shift'];

    public function __construct(#[Is\Words(60, empty: false, pattern: '^(Ctrl\\+)?(Alt\\+)?(Meta\\+)?(Shift\\+)?(\\S|[A-Z][A-Za-z0-9]+|Space)$', otherwise: 'a key is a letter, a sign or a name like Enter or ArrowLeft, with Ctrl+, Alt+, Meta+, Shift+ before it in this order', absent: ['Enter'])] public string $key = 'Enter')
    {
    }

    public static function kind(): string
    {
        return 'key';
    }

    public static function label(): string
    {
        return 'Key';
    }
}
