<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Withers;
use Kindred\Input\Reader;

/**
 * "When this happens, do that."
 *
 * Without a transition, a return plays the inverse of the one that led here, and a screen shown cuts in. One that
 * `checks` happens only when what the widgets of its screen hold keeps their rules; otherwise they say what is wrong.
 */
final readonly class Cue
{
    use Withers;

    public function __construct(
        public string $id,
        public Trigger $trigger,
        public Action $action,
        public ?Transition $transition,
        public bool $checks = false,
    ) {
    }

    public static function read(Reader $in): self
    {
        $transition = $in->optional('transition');

        return new self(
            $in->id('id'),
            Trigger::read($in->object('trigger')),
            Action::read($in->object('action')),
            $transition === null ? null : Transition::read($transition),
            $in->boolean('checks', false),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'trigger' => $this->trigger->toArray(),
            'action' => $this->action->toArray(),
            'transition' => $this->transition?->toArray(),
        ] + ($this->checks ? ['checks' => true] : []);
    }
}
