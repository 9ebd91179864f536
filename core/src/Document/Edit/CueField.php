<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Component\Component;
use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Cue\Trigger;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\OneOf;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Typing;

/** A property of cues that is typed or chosen, by its path, with what follows from it: a new action brings its target and transition. */
final readonly class CueField
{
    private function __construct(private string $path)
    {
    }

    public static function read(Reader $in, string $key): self
    {
        return new self($in->string($key, 80));
    }

    public function label(): string
    {
        return match ($this->path) {
            'trigger.delay' => 'wait',
            'checks' => 'what it asks of the fields',
            'action.screen' => 'screen',
            'action.becomes' => 'state',
            'trigger.kind', 'action.kind', 'transition.kind' => explode('.', $this->path)[0],
            default => str_replace('transition.', '', $this->path),
        };
    }

    /** Whether it is part of the action, which may depend on other screens. */
    public function isAction(): bool
    {
        return str_starts_with($this->path, 'action.');
    }

    /**
     * @param  Screen  $from  the screen that the cue is on
     * @param  Layer|null  $of  the layer whose cue it is; null for one of the screen
     *
     * @throws InvalidInput when the value is no value of it, or cues have no such property
     */
    public function set(Tree $tree, Screen $from, ?Layer $of, Cue $cue, string $value): Cue
    {
        $way = $cue->transition ?? Transition::push(Direction::Left);

        return match ($this->path) {
            'trigger.kind' => $cue->with(trigger: $this->trigger($cue, $value)),
            'action.kind' => $this->acting($tree, $from, $of, $cue, OneOf::kind(Reader::of(['value' => $value]), 'value', Action::ALL)),
            'action.screen' => $this->showing($from, $cue, $tree->screen(Reader::of(['value' => $value])->id('value'))),
            'action.becomes' => $this->becoming(self::changing($tree, $from, $of), $cue, $value),
            'transition.kind' => $cue->with(transition: $value === '' ? $this->inverse($cue) : $this->moving($way, $this->choice($value, TransitionKind::class))),
            default => Path::of($this->path)->typed($cue->with(...$this->usual($cue, $way)), $value, Typing::alone()),
        };
    }

    /** @return array<string, object> what has to be there, so that something of it can be set */
    private function usual(Cue $cue, Transition $way): array
    {
        return match (explode('.', $this->path)[0]) {
            'transition' => ['transition' => $way],
            'trigger' => ['trigger' => $this->having($cue->trigger)],
            default => [],
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private function choice(string $value, string $enum): \BackedEnum
    {
        return Reader::of(['value' => $value])->enum('value', $enum);
    }

    private function trigger(Cue $cue, string $value): Trigger
    {
        $kind = OneOf::kind(Reader::of(['value' => $value]), 'value', Trigger::ALL);

        return $cue->trigger instanceof $kind ? $cue->trigger : $kind::fresh();
    }

    /** The trigger where it has the property, otherwise one of the first kind that has. */
    private function having(Trigger $trigger): Trigger
    {
        $name = explode('.', $this->path)[1] ?? '';
        foreach ([$trigger::class, ...Trigger::ALL] as $kind) {
            if (isset(Properties::of($kind)->all[$name])) {
                return $trigger instanceof $kind ? $trigger : $kind::fresh();
            }
        }

        return $trigger;
    }

    /**
     * A return plays the inverse of the way here until it is given one of its own; a show goes to the next screen of the reel.
     *
     * @param  class-string<Action>  $kind
     */
    private function acting(Tree $tree, Screen $from, ?Layer $of, Cue $cue, string $kind): Cue
    {
        if ($cue->action instanceof $kind) {
            return $cue;
        }
        if ($kind === GoBack::class) {
            return $cue->with(action: new GoBack, transition: null);
        }
        if ($kind === ChangeState::class) {
            $axis = self::changing($tree, $from, $of)->axes[0] ?? null;

            return $axis === null ? throw new InvalidInput('value', 'Only an instance whose component has states can change them, or what lies in such a component. Give it a state on its sheet first.')
                : $cue->with(action: new ChangeState($axis->id), transition: ChangeState::usualTransition());
        }
        $others = array_values(array_filter($tree->reel(), fn (Screen $screen): bool => $screen->id !== $from->id));
        $later = array_values(array_filter($others, fn (Screen $screen): bool => strcmp($screen->rank, $from->rank) > 0));
        $next = $later[0] ?? $others[0] ?? throw new InvalidInput('value', 'There is no other screen to show yet; add one first.');

        return $this->showing($from, $cue->with(transition: null), $next);
    }

    private function showing(Screen $from, Cue $cue, Screen $target): Cue
    {
        return $cue->with(action: new Show($target->id), transition: $cue->transition ?? Transition::suggested($from->box, $target->box));
    }

    /** The component whose state a cue can change: that in which its layer lies, or of which that is an instance. */
    public static function changing(Tree $tree, Screen $from, ?Layer $of): ?Component
    {
        return $tree->component($of?->component()) ?? $from->component;
    }

    /** @param  string  $value  an axis and a state, `axis state`, or an axis alone for its next state */
    private function becoming(?Component $component, Cue $cue, string $value): Cue
    {
        [$axis, $state] = [...explode(' ', $value, 2), ''];
        $known = $component?->axis($axis);
        if ($known === null || ($state !== '' && $known->state($state) === null)) {
            throw new InvalidInput('value', 'That state is not there; it may have been removed in another window.');
        }

        return $cue->with(action: new ChangeState($axis, $state === '' ? null : $state));
    }

    private function inverse(Cue $cue): ?Transition
    {
        return $cue->action instanceof GoBack ? null : $cue->transition;
    }

    /** A transition that was a cut gets a duration when it becomes a movement. */
    private function moving(Transition $way, TransitionKind $kind): Transition
    {
        return $way->with(kind: $kind, duration: $way->kind === TransitionKind::Cut && $way->duration === 0 ? Transition::push($way->direction)->duration : $way->duration);
    }
}
