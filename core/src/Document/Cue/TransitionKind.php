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

    public function directed(): bool
    {
        return $this !== self::Cut && $this !== self::Dissolve;
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
