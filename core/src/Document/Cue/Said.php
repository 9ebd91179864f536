<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\LayOver;
use Kindred\Document\Cue\Action\OpenAddress;
use Kindred\Document\Cue\Action\Replace;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Action\TakeOff;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Drag;
use Kindred\Document\Cue\Trigger\Key;
use Kindred\Document\Cue\Trigger\LongPress;
use Kindred\Document\Cue\Trigger\Spoken;
use Kindred\Document\Cue\Trigger\Swipe;

/** A cue in words: “Tap: show {home}, push left 300 ms”. Screens stand as their ids in braces, for they may be called otherwise. */
final class Said
{
    public static function of(Cue $cue): string
    {
        $acts = implode(', then ', array_map(self::act(...), $cue->actions));
        $otherwise = $cue->otherwise === [] ? '' : '; otherwise '.implode(', then ', array_map(self::act(...), $cue->otherwise));

        return self::trigger($cue).($cue->conditions === [] ? '' : ', on '.(count($cue->conditions) === 1 ? 'a condition' : count($cue->conditions).' conditions')).': '.($acts === '' ? 'nothing' : $acts).$otherwise;
    }

    private static function trigger(Cue $cue): string
    {
        $trigger = $cue->trigger;
        $more = match (true) {
            $trigger instanceof LongPress => " of {$trigger->press} ms",
            $trigger instanceof Swipe, $trigger instanceof Drag => " {$trigger->direction->value}",
            $trigger instanceof Key => " {$trigger->key}",
            $trigger instanceof Delay => " of {$trigger->delay} ms",
            $trigger instanceof Spoken => " “{$trigger->phrase}”",
            default => '',
        };

        return $trigger::label().$more.($cue->entry === '' ? '' : " on “{$cue->entry}”");
    }

    private static function act(Act $act): string
    {
        $action = $act->action;
        $does = match (true) {
            $action instanceof Show => "show {{$action->screen}}",
            $action instanceof LayOver => "lay {{$action->screen}} over",
            $action instanceof Replace => "put {{$action->screen}} in its place",
            $action instanceof GoBack => 'return'.($action->first ? ' to the first screen' : ($action->to === null ? '' : " to {{$action->to}}")),
            $action instanceof TakeOff => 'take off what lies over',
            $action instanceof SetValue => "set {$action->signal}",
            $action instanceof ScrollTo => 'scroll to a layer',
            $action instanceof FocusField => 'put the caret in a field',
            $action instanceof OpenAddress => "open {$action->address}",
            default => 'change a state',
        };
        $way = $act->transition;

        return $does.($way === null || $way->kind === TransitionKind::Cut ? '' : ", {$way->kind->value}".($way->kind->directed() ? " {$way->direction->value}" : '')." {$way->time()} ms");
    }
}
