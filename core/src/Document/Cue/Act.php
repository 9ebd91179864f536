<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Action\LayOver;
use Kindred\Document\Cue\Action\Replace;
use Kindred\Document\Cue\Action\Show;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * One of the things that a cue does, and how that moves. Without a transition a return plays the inverse of the one that led
 * here, what lies over leaves as it came, and a screen shown cuts in.
 */
final readonly class Act implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Inlined(Action::ALL, named: true, label: 'action')] public Action $action,
        #[Is\Record] public ?Transition $transition = null,
    ) {
    }

    /** The screen that it brings; null where it brings none. */
    public function target(): ?string
    {
        return $this->action instanceof Show || $this->action instanceof LayOver || $this->action instanceof Replace ? $this->action->screen : null;
    }
}
