<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

/**
 * What people do, one after the other, as the keystroke-level model has it (Card, Moran and Newell 1980, The keystroke-level model for user
 * performance time with interactive systems, Communications of the ACM 23, 7), with what touch screens and prototypes add.
 */
enum Operator: string
{
    /** Prepares what comes next: 1.35 s (there). */
    case Mental = 'M';

    /** Moves to a target: by Fitts’ law where it is known how far and how large, 1.1 s on average (there). */
    case Point = 'P';

    /** Presses a button or lets it go: 0.1 s (Kieras 2001, Using the keystroke-level model to estimate execution times). */
    case Button = 'B';

    /** A keystroke: 0.28 s of an average typist, 0.2 s of a skilled one (Card, Moran and Newell). */
    case Key = 'K';

    /** A hand goes from the keys to the pointer or back: 0.4 s (there). */
    case Home = 'H';

    /** A short swipe anywhere: 0.07 s (El Batran and Dunlop 2014, Enhancing KLM to fit touch screen mobile devices). */
    case Swipe = 'S';

    /** A letter on the keys of a touch screen: 0.33 s, 36.2 words a minute (Palin et al. 2019, How do people type on mobile devices?). */
    case Letter = 'L';

    /** A word spoken: 0.4 s, 150 words a minute. */
    case Word = 'W';

    /** Waits for what is shown: as long as it takes. */
    case Wait = 'R';

    /** s; null of what depends on what it is about */
    public function seconds(): ?float
    {
        return match ($this) {
            self::Mental => 1.35,
            self::Point => 1.1,
            self::Button => 0.1,
            self::Key => 0.28,
            self::Home => 0.4,
            self::Swipe => 0.07,
            self::Letter => 60 / (36.2 * 5),
            self::Word => 60 / 150,
            self::Wait => null,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Mental => 'think',
            self::Point => 'point',
            self::Button => 'press',
            self::Key => 'key',
            self::Home => 'hand',
            self::Swipe => 'swipe',
            self::Letter => 'type',
            self::Word => 'say',
            self::Wait => 'wait',
        };
    }
}
