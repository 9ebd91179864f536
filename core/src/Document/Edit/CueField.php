<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Component\Axis;
use Kindred\Document\Component\Component;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\LayOver;
use Kindred\Document\Cue\Action\OpenAddress;
use Kindred\Document\Cue\Action\Replace;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Action\TakeOff;
use Kindred\Document\Cue\Condition\FieldsAreRight;
use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\CueCondition;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Cue\Trigger;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\OneOf;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Typing;

/**
 * A property of cues that is typed or chosen, by its path, with what follows from it: a new action brings its target and transition.
 *
 * Conditions and actions are added by choosing the kind of the one after the last (`actions.2.kind`), taken away by choosing none, and
 * put before each other by `actions.1.at`, a place counted from 0.
 */
final readonly class CueField
{
    /** Where an action leads that has only just been chosen. */
    private const SOMEWHERE = 'https://example.org';

    private function __construct(private string $path)
    {
    }

    public static function read(Reader $in, string $key): self
    {
        return new self($in->string($key, 80));
    }

    public function label(): string
    {
        $last = (string) strrchr(".{$this->path}", '.');

        return match (true) {
            $this->path === 'trigger.delay' => 'wait',
            $this->path === 'trigger.kind' => 'trigger',
            $last === '.becomes' => 'state',
            $last === '.reads' => 'value',
            $last === '.at' => 'order',
            str_ends_with($this->path, 'transition.kind') => 'transition',
            $last === '.kind' => str_starts_with($this->path, 'conditions') ? 'condition' : 'action',
            default => substr($last, 1),
        };
    }

    /** Whether it is part of an action, which may depend on other screens. */
    public function isAction(): bool
    {
        return preg_match('/^(actions|otherwise)\./', $this->path) === 1;
    }

    /** Whether what it can be depends on the layers of the screen. */
    public function isAboutLayers(): bool
    {
        return preg_match('/\.(kind|becomes|layer)$/D', $this->path) === 1;
    }

    /**
     * @param  Screen  $from  the screen that the cue is on
     * @param  Layer|null  $of  the layer whose cue it is; null for one of the screen
     *
     * @throws InvalidInput when the value is no value of it, or cues have no such property
     */
    public function set(Tree $tree, Screen $from, ?Layer $of, Cue $cue, string $value): Cue
    {
        if (preg_match('/^(conditions|actions|otherwise)\.(\d+)\.(.+)$/D', $this->path, $match) === 1) {
            $new = Properties::with($cue, [$match[1] => $this->listed($tree, $from, $of, $cue, $match[1], (int) $match[2], $match[3], $value)]);

            // Without a condition it never happens otherwise.
            return $new->conditions === [] ? $new->with(otherwise: []) : $new;
        }
        $has = str_starts_with($this->path, 'trigger.') && $this->path !== 'trigger.kind' ? $cue->with(trigger: $this->having($cue->trigger)) : $cue;

        return match ($this->path) {
            'trigger.kind' => $cue->with(trigger: $this->trigger($cue, $value)),
            'trigger.reaches.reads' => $this->reading($has, 'trigger.reaches', $value),
            default => Path::of($this->path)->typed($has, $value, Typing::alone()),
        };
    }

    /**
     * What becomes of a list of conditions or actions.
     *
     * @return list<object>
     */
    private function listed(Tree $tree, Screen $from, ?Layer $of, Cue $cue, string $name, int $at, string $part, string $value): array
    {
        /** @var list<Premise|Act> $list */
        $list = Path::of($name)->value($cue);
        $one = $list[$at] ?? null;
        if ($part === 'kind' && $value !== '' && ($at > count($list) || $at >= Cue::MAX)) {
            throw new InvalidInput('value', 'A cue has at most '.Cue::MAX.' conditions and actions of each kind.');
        }
        if ($one === null && ($part !== 'kind' || $value === '')) {
            throw new InvalidInput('field', 'That is no longer there; it may have been removed in another window.');
        }
        if (($part === 'kind' && $value === '') || $part === 'at') {
            unset($list[$at]);
            array_splice($list, max(0, min(count($list), (int) $value)), 0, $part === 'at' && $one !== null ? [$one] : []);

            return $list;
        }
        $list[$at] = $name === 'conditions'
            ? $this->premise($tree, $from, $of, $one instanceof Premise ? $one : null, $part, $value)
            : $this->act($tree, $from, $of, $one instanceof Act ? $one : null, $part, $value);

        return array_values($list);
    }

    private function premise(Tree $tree, Screen $from, ?Layer $of, ?Premise $premise, string $part, string $value): Premise
    {
        if ($premise === null || $part === 'kind') {
            $kind = OneOf::kind(Reader::of(['value' => $value]), 'value', CueCondition::ALL);

            return $premise?->condition instanceof $kind ? $premise : new Premise($this->condition($tree, $from, $of, $kind), $premise->or ?? false);
        }

        return match (true) {
            $part === 'reads' && $premise->condition instanceof SignalIs => $this->reading($premise, 'condition', $value),
            $part === 'becomes' && $premise->condition instanceof StateIs => $premise->with(condition: $premise->condition->with(...$this->state($tree, $from, $of, $value))),
            default => Path::of($part)->typed($premise, $value, Typing::alone()),
        };
    }

    /** @param  class-string<CueCondition>  $kind */
    private function condition(Tree $tree, Screen $from, ?Layer $of, string $kind): CueCondition
    {
        if ($kind !== StateIs::class) {
            return $kind === FieldsAreRight::class ? new FieldsAreRight : new SignalIs('');
        }
        [$instance, $axis] = $this->someState($tree, $from, $of);

        return new StateIs($axis->id, $axis->states[0]->id, instance: $instance);
    }

    private function act(Tree $tree, Screen $from, ?Layer $of, ?Act $act, string $part, string $value): Act
    {
        if ($act === null || $part === 'kind') {
            return $this->acting($tree, $from, $of, $act, OneOf::kind(Reader::of(['value' => $value]), 'value', Action::ALL));
        }
        $has = $act->transition === null && str_starts_with($part, 'transition.') ? $act->with(transition: Transition::push(Direction::Left)) : $act;

        return match (true) {
            $part === 'screen' => $this->bringing($from, $act, $tree->screen(Reader::of(['value' => $value])->id('value'))),
            $part === 'to' && $act->action instanceof GoBack => $act->with(action: match ($value) {
                '', 'first' => new GoBack(first: $value !== ''),
                default => new GoBack($tree->screen(Reader::of(['value' => $value])->id('value'))->id),
            }),
            $part === 'becomes' && $act->action instanceof ChangeState => $act->with(action: $act->action->with(...$this->state($tree, $from, $of, $value))),
            $part === 'layer' => Path::of($part)->typed($act, $tree->layer(Reader::of(['value' => $value])->id('value'))->id, Typing::alone()),
            $part === 'transition.kind' => $act->with(transition: $value === '' ? null : $this->moving($has->transition ?? Transition::cut(), Reader::of(['value' => $value])->enum('value', TransitionKind::class))),
            default => Path::of($part)->typed($has, $value, Typing::alone()),
        };
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
     * What is read of a signal: its name, and a part of it after a point. What it was compared with is no value of another one.
     *
     * @template T of object
     *
     * @param  T  $in
     * @return T
     */
    private function reading(object $in, string $where, string $value): object
    {
        [$signal, $part] = [...explode('.', $value, 2), ''];

        return Path::of($where)->with($in, SignalIs::read(Reader::of(['signal' => $signal, 'part' => $part])));
    }

    /**
     * A return plays the inverse of the way here until it is given a transition of its own; what shows a screen shows the next one of the reel.
     *
     * @param  class-string<Action>  $kind
     */
    private function acting(Tree $tree, Screen $from, ?Layer $of, ?Act $act, string $kind): Act
    {
        if ($act?->action instanceof $kind) {
            return $act;
        }
        switch ($kind) {
            case GoBack::class:
            case TakeOff::class:
                return new Act(new $kind);
            case ChangeState::class:
                [$instance, $axis] = $this->someState($tree, $from, $of);

                return new Act(new ChangeState($axis->id, instance: $instance), ChangeState::usualTransition());
            case SetValue::class:
                return new Act(new SetValue(''));
            case OpenAddress::class:
                return new Act(new OpenAddress(self::SOMEWHERE));
            case ScrollTo::class:
            case FocusField::class:
                return new Act(new $kind($this->someLayer($tree, $from, $kind === FocusField::class)->id));
            default:
                $next = $act?->target() === null ? null : $tree->screens[$act->target()] ?? null;

                // What lies over comes as it says itself, not as a screen that is shown.
                $keeps = $act?->target() !== null && $kind !== LayOver::class && ! $act->action instanceof LayOver;

                return $this->bringing($from, new Act(new $kind($next->id ?? ''), $keeps ? $act->transition : null), $next ?? $this->next($tree, $from));
        }
    }

    /** The screen that comes next in the reel. */
    private function next(Tree $tree, Screen $from): Screen
    {
        $others = array_values(array_filter($tree->reel(), fn (Screen $screen): bool => $screen->id !== $from->id));
        $later = array_values(array_filter($others, fn (Screen $screen): bool => strcmp($screen->rank, $from->rank) > 0));

        return $later[0] ?? $others[0] ?? throw new InvalidInput('value', 'There is no other screen to show yet; add one first.');
    }

    private function bringing(Screen $from, Act $act, Screen $target): Act
    {
        $action = $act->action;

        return match (true) {
            $action instanceof Show => new Act(new Show($target->id), $act->transition ?? Transition::suggested($from->box, $target->box)),
            $action instanceof Replace => new Act(new Replace($target->id), $act->transition),
            // How it comes it says itself, as long as nothing else is said here.
            $action instanceof LayOver => new Act(new LayOver($target->id), $act->transition),
            default => throw new InvalidInput('field', 'That action brings no screen; it may have been changed in another window.'),
        };
    }

    private function someLayer(Tree $tree, Screen $from, bool $field): Layer
    {
        foreach ($tree->layersOf($from->id) as $layer) {
            if (! $field || $layer->content instanceof Widget) {
                return $layer;
            }
        }

        throw new InvalidInput('value', $field ? 'There is no field on the screen yet; place one from the kit first.' : 'There is no layer on the screen yet.');
    }

    /** The component whose state a cue can change: that in which its layer lies, or of which that is an instance. */
    public static function changing(Tree $tree, Screen $from, ?Layer $of): ?Component
    {
        return $tree->component($of?->component()) ?? $from->component;
    }

    /** @return list<array{Layer, Component}> the instances on a screen whose components have states; those on a sheet that only show its own are none */
    public static function instances(Tree $tree, Screen $from): array
    {
        $found = [];
        foreach ($tree->layersOf($from->id) as $layer) {
            $component = $tree->component($layer->component());
            if ($component !== null && $component->axes !== [] && $layer->component() !== $from->id) {
                $found[] = [$layer, $component];
            }
        }

        return $found;
    }

    /** @return array{string|null, Axis} the instance, null for the one in which a cue lies, and an axis of it with states */
    private function someState(Tree $tree, Screen $from, ?Layer $of): array
    {
        $own = self::changing($tree, $from, $of)->axes[0] ?? null;
        if ($own !== null) {
            return [null, $own];
        }
        [$instance, $component] = self::instances($tree, $from)[0] ?? throw new InvalidInput('value', 'Only an instance whose component has states can change them, or what lies in such a component. Give it a state on its sheet first.');

        return [$instance->id, $component->axes[0]];
    }

    /**
     * A state as it is chosen: `axis state`, or an axis alone for its next state; of another instance than the own one, with its id and a colon before.
     *
     * @return array{axis: string, state: string|null, instance: string|null}
     */
    private function state(Tree $tree, Screen $from, ?Layer $of, string $value): array
    {
        $instance = strstr($value, ':', true);
        $instance = $instance === false ? null : $instance;
        $chosen = $instance === null ? $value : substr($value, strlen($instance) + 1);
        [$axis, $state] = [...explode(' ', $chosen, 2), ''];
        $component = $instance === null ? self::changing($tree, $from, $of) : $tree->component($tree->layer($instance)->component());
        $known = $component?->axis($axis);
        if ($known === null || ($state !== '' && $known->state($state) === null)) {
            throw new InvalidInput('value', 'That state is not there; it may have been removed in another window.');
        }

        return ['axis' => $axis, 'state' => $state === '' ? null : $state, 'instance' => $instance];
    }

    /** A transition that was a cut gets a duration when it becomes a movement. */
    private function moving(Transition $way, TransitionKind $kind): Transition
    {
        return $way->with(kind: $kind, duration: $way->kind === TransitionKind::Cut && $way->duration === 0 ? Transition::push($way->direction)->duration : $way->duration);
    }
}
