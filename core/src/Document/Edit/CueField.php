<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\ActionKind;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Cue\Trigger;
use Kindred\Document\Cue\TriggerKind;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** A facet of a cue, with what follows from it: a new action brings its target and transition. */
enum CueField: string
{
    use Typed;

    case Trigger = 'trigger';
    case After = 'after';
    case Action = 'action';
    case Target = 'target';
    case Transition = 'transition';
    case Direction = 'direction';
    case Duration = 'duration';
    case Easing = 'easing';
    case Delay = 'delay';
    case Checks = 'checks';

    /** ms that a trigger waits when it has just been made to wait. */
    private const WAIT = 1000;

    public function label(): string
    {
        return match ($this) {
            self::After => 'wait',
            self::Checks => 'what it asks of the fields',
            self::Target => 'screen',
            default => $this->value,
        };
    }

    /**
     * @param  Screen  $from  the screen that the cue is on
     *
     * @throws InvalidInput when the value is no value of this facet
     */
    public function set(Tree $tree, Screen $from, Cue $cue, string $value): Cue
    {
        $way = $cue->transition ?? Transition::push(Direction::Left);

        return match ($this) {
            self::Checks => $cue->with(checks: $value === 'true'),
            self::Trigger => $cue->with(trigger: $this->trigger($cue, $value)),
            self::After => $cue->with(trigger: new Trigger(TriggerKind::Delay, $this->milliseconds($value, $cue->trigger->delay, Trigger::MAX_DELAY))),
            self::Action => $this->acting($tree, $from, $cue, $this->choice($value, ActionKind::class)),
            self::Target => $this->showing($from, $cue, $tree->screen(Reader::of(['value' => $value])->id('value'))),
            self::Transition => $cue->with(transition: $value === '' ? $this->inverse($cue) : $this->moving($way, $this->choice($value, TransitionKind::class))),
            self::Direction => $cue->with(transition: $way->with(direction: $this->choice($value, Direction::class))),
            self::Duration => $cue->with(transition: $way->with(duration: $this->milliseconds($value, $way->duration, Transition::MAX_TIME))),
            self::Easing => $cue->with(transition: $way->with(easing: Easing::parse($value, 'value'))),
            self::Delay => $cue->with(transition: $way->with(delay: $this->milliseconds($value, $way->delay, Transition::MAX_TIME))),
        };
    }

    private function trigger(Cue $cue, string $value): Trigger
    {
        $kind = $this->choice($value, TriggerKind::class);

        return $kind === $cue->trigger->kind ? $cue->trigger : new Trigger($kind, $kind === TriggerKind::Delay ? self::WAIT : 0);
    }

    /** A return plays the inverse of the way here until it is given one of its own; a show goes to the next screen of the reel. */
    private function acting(Tree $tree, Screen $from, Cue $cue, ActionKind $kind): Cue
    {
        if ($kind === $cue->action->kind) {
            return $cue;
        }
        if ($kind === ActionKind::Return) {
            return $cue->with(action: Action::return(), transition: null);
        }
        $others = array_values(array_filter($tree->reel(), fn (Screen $screen): bool => $screen->id !== $from->id));
        $later = array_values(array_filter($others, fn (Screen $screen): bool => strcmp($screen->rank, $from->rank) > 0));
        $next = $later[0] ?? $others[0] ?? throw new InvalidInput('value', 'There is no other screen to show yet; add one first.');

        return $this->showing($from, $cue->with(transition: null), $next);
    }

    private function showing(Screen $from, Cue $cue, Screen $target): Cue
    {
        return $cue->with(action: Action::show($target->id), transition: $cue->transition ?? Transition::suggested($from->box, $target->box));
    }

    private function inverse(Cue $cue): ?Transition
    {
        return $cue->action->kind === ActionKind::Return ? null : $cue->transition;
    }

    /** What cut at once takes its time when it begins to move. */
    private function moving(Transition $way, TransitionKind $kind): Transition
    {
        return $way->with(kind: $kind, duration: $way->kind === TransitionKind::Cut && $way->duration === 0 ? Transition::push($way->direction)->duration : $way->duration);
    }

    private function milliseconds(string $value, int $has, int $most): int
    {
        // As in CSS (Values and Units 4, section 7.2): `300ms`, `0.3s`; a bare number is of ms.
        $plain = (string) preg_replace(['/ms\b/i', '/(?<=[\d.)])\s*s\b/i'], ['', '*1000'], $value);

        return (int) round($this->number($plain, null, 0, $most, (string) $has, ' ms'));
    }
}
