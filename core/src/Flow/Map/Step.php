<?php

declare(strict_types=1);

namespace Kindred\Flow\Map;

use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\LayOver;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Said;
use Kindred\Geometry\Box;

/** A way from one screen to another, by one of the things that a cue does. */
final readonly class Step
{
    /**
     * @param  string  $from  a screen
     * @param  string|null  $to  the screen that it brings; null where it returns to whatever was before
     * @param  string  $called  the layer whose cue it is, or the screen
     * @param  Box|null  $target  what is pressed, px of the screen; null for a cue of the screen as a whole
     */
    public function __construct(
        public string $from,
        public ?string $to,
        public Cue $cue,
        public Act $act,
        public string $called,
        public ?Box $target,
        public bool $otherwise,
    ) {
    }

    public function returns(): bool
    {
        return $this->act->action instanceof GoBack;
    }

    public function laysOver(): bool
    {
        return $this->act->action instanceof LayOver;
    }

    /** What the cue does, in words, without its screens’ names: these stand as their ids in braces. */
    public function said(): string
    {
        return Said::of($this->cue);
    }
}
