<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

enum TransitionKind: string
{
    case Cut = 'cut';
    case Dissolve = 'dissolve';
    case Push = 'push';
    case Cover = 'cover';
    case Reveal = 'reveal';
    case Match = 'match';

    /** @return list<self> those for what is laid over a screen that stays: there a match has nothing that leaves */
    public static function over(): array
    {
        return [self::Cut, self::Dissolve, self::Push, self::Cover, self::Reveal];
    }

    public function directed(): bool
    {
        return in_array($this, [self::Push, self::Cover, self::Reveal], true);
    }

    /** The kind that undoes this one: what covered is taken off again. */
    public function inverse(): self
    {
        return match ($this) {
            self::Cover => self::Reveal,
            self::Reveal => self::Cover,
            default => $this,
        };
    }
}
