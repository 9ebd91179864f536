<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

use Kindred\Device\Catalogue;
use Kindred\Device\Pointing;
use Kindred\Document\Cue\Condition\FieldsAreRight;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\DoubleTap;
use Kindred\Document\Cue\Trigger\Drag;
use Kindred\Document\Cue\Trigger\Key;
use Kindred\Document\Cue\Trigger\LongPress;
use Kindred\Document\Cue\Trigger\Open;
use Kindred\Document\Cue\Trigger\PointerEnter;
use Kindred\Document\Cue\Trigger\PointerLeave;
use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Cue\Trigger\Spoken;
use Kindred\Document\Cue\Trigger\Swipe;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Overlay;
use Kindred\Document\Screen;
use Kindred\Flow\Map\Step;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Signal\Kind;

/**
 * How long somebody who knows the application takes for a step: thinks once, scrolls to what is meant, fills in what the cue asks for, moves
 * there, does what sets it off, and waits until what comes is there.
 */
final readonly class Prediction
{
    /** Of what is seen, how much one swipe or one turn of a wheel brings. */
    private const TURN = 0.75;

    /** Letters where nothing says how many. */
    private const LETTERS = 8;

    /**
     * @param  list<Timed>  $done  in order
     * @param  Point  $at  where finger or pointer is then, px of what is seen
     * @param  bool  $onKeys  whether the hand is on the keys then
     */
    private function __construct(public array $done, public Point $at, public bool $onKeys)
    {
    }

    /** In the middle of a screen, a finger or pointer at rest. */
    public static function start(Screen $screen): self
    {
        return new self([], new Point($screen->box->width / 2, $screen->seen() / 2), false);
    }

    public function seconds(): float
    {
        return Timed::total($this->done);
    }

    /**
     * What a step takes after this.
     *
     * @param  list<array{Layer, Box}>  $fields  what is filled in on the screen, and where that lies, px of the screen
     * @param  Screen|null  $to  that comes
     */
    public function step(Step $step, Screen $screen, array $fields, ?Screen $to): self
    {
        $touch = Catalogue::for($screen->device, $screen->box->width, $screen->view)->pointing === Pointing::Touch;
        $trigger = $step->cue->trigger;
        $waits = $this->after($step, $to);
        if ($trigger instanceof Delay || $trigger instanceof Open) {
            return new self([...$trigger instanceof Delay ? [Timed::waiting($trigger->delay / 1000, 'until it happens by itself')] : [], ...$waits], $this->at, $this->onKeys);
        }
        $next = new self([Timed::of(Operator::Mental)], $this->at, $this->onKeys);
        $asks = array_filter($step->cue->conditions, fn (Premise $one): bool => $one->condition instanceof FieldsAreRight && ! $one->condition->not) !== [] && ! $step->otherwise;
        foreach ($asks ? $fields : [] as [$field, $box]) {
            $next = $next->filled($field, $box, $screen, $touch);
        }
        $next = match (true) {
            $trigger instanceof Key => $next->homed($touch, true)->with(Timed::of(Operator::Key, $trigger->key)),
            $trigger instanceof Spoken => $next->with(Timed::of(Operator::Word, "“{$trigger->phrase}”", max(1, str_word_count($trigger->phrase)))),
            $trigger instanceof Reaching => $next,
            default => $next->acted($step, $screen, $touch),
        };

        return new self([...$next->done, ...$waits], $next->at, $next->onKeys);
    }

    private function acted(Step $step, Screen $screen, bool $touch): self
    {
        $trigger = $step->cue->trigger;
        $pointing = $touch ? Pointing::Touch : Pointing::Pointer;
        $next = $step->target === null ? $this : $this->pointed($step->target, $step->called, $screen, $touch);
        $pressed = fn (self $one, int $times = 1): self => $touch ? $one : $one->with(Timed::of(Operator::Button, 'press and let go', 2 * $times));

        return match (true) {
            $trigger instanceof PointerEnter, $trigger instanceof PointerLeave => $next,
            $trigger instanceof Swipe => $next->with(Timed::of(Operator::Swipe, $trigger->direction->value)),
            // It is done beyond the middle: half its length to spare on both sides of its end.
            $trigger instanceof Drag => $pressed($next->with(new Timed(Operator::Point, Fitts::time($pointing, $trigger->distance, $trigger->distance), 'drag '.$trigger->direction->value))),
            $trigger instanceof LongPress => $pressed($next->with(Timed::waiting($trigger->press / 1000, 'held'))),
            $trigger instanceof DoubleTap => $pressed($next->with(...$touch ? [Timed::of(Operator::Button, 'once more', 2)] : []), 2),
            default => $pressed($next),
        };
    }

    /** Moves to a box of a screen, which is scrolled until it is seen. */
    private function pointed(Box $target, string $called, Screen $screen, bool $touch): self
    {
        $next = $this->homed($touch, false);
        $view = $screen->seen();
        $below = $target->bottom() - $view;
        if ($below > 0 && $target->height < $view) {
            $turns = (int) ceil($below / (self::TURN * $view));
            $next = $next->with(Timed::of($touch ? Operator::Swipe : Operator::Key, 'scroll to it', $turns));
            $target = $target->movedBy(0, -min($turns * self::TURN * $view, $screen->box->height - $view, max(0.0, $target->y)));
        }
        $seconds = Fitts::to($touch ? Pointing::Touch : Pointing::Pointer, $next->at, $target);

        return new self([...$next->done, new Timed(Operator::Point, $seconds, "to “{$called}”")], $target->centre(), $next->onKeys);
    }

    private function filled(Layer $field, Box $box, Screen $screen, bool $touch): self
    {
        if (! $field->content instanceof Widget) {
            return $this;
        }
        $widget = $field->content;
        $kind = Kit::find($widget->widget);
        $next = $this->pointed($box, $field->name, $screen, $touch);
        $next = $touch ? $next : $next->with(Timed::of(Operator::Button, 'press and let go', 2));
        if (! $kind instanceof Interactive || $kind->signal() !== Kind::Text) {
            return $next;
        }
        $letters = trim($widget->hint) === '' ? self::LETTERS : mb_strlen(trim($widget->hint));

        return $next->homed($touch, true)->with(Timed::of($touch ? Operator::Letter : Operator::Key, "{$letters} letters", $letters));
    }

    /** With the hand on the keys, or on what points; on a touch screen both are in one place. */
    private function homed(bool $touch, bool $keys): self
    {
        return $touch || $keys === $this->onKeys ? $this : new self([...$this->done, Timed::of(Operator::Home, $keys ? 'to the keys' : 'to the pointer')], $this->at, $keys);
    }

    private function with(Timed ...$more): self
    {
        return new self([...$this->done, ...array_values($more)], $this->at, $this->onKeys);
    }

    /** @return list<Timed> until what comes is there */
    private function after(Step $step, ?Screen $to): array
    {
        $transition = $step->act->transition ?? ($step->laysOver() && $to !== null ? ($to->over ?? Overlay::usual())->coming() : null);
        $seconds = $transition === null ? 0.0 : ($transition->delay + $transition->time()) / 1000;

        return $seconds > 0 ? [Timed::waiting($seconds, 'until it is shown')] : [];
    }
}
