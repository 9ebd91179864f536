<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * "When this happens, do that."
 *
 * Without a transition, a return plays the inverse of the one that led here, and a screen shown cuts in. One that
 * `checks` happens only when what the widgets of its screen hold keeps their rules; otherwise they say what is wrong.
 */
final readonly class Cue implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Id(field: false)] public string $id,
        #[Is\OneOf(Trigger::ALL)] public Trigger $trigger,
        #[Is\OneOf(Action::ALL)] public Action $action,
        #[Is\Record] public ?Transition $transition,
        #[Is\Flag(sparse: true)] public bool $checks = false,
    ) {
    }
}
