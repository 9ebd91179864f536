<?php

declare(strict_types=1);

use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Difference;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;

const LINK = ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'next']]];

/** @return array<string, mixed> */
function setCue(string $field, string $value, ?string $layer = 'boxa'): array
{
    return ['type' => 'set-cue-field', 'screen' => 'home', 'layer' => $layer, 'cue' => 'cue1', 'field' => $field, 'value' => $value];
}

/** @param  array<string, mixed>  ...$commands */
function cueAfter(array ...$commands): Cue
{
    return Sample::after(Sample::tree(), LINK, ...$commands)->layer('boxa')->cues[0];
}

it('sets one facet and leaves the others', function (string $field, string $value, string $key, mixed $expected): void {
    $before = cueAfter()->toArray();
    $after = cueAfter(setCue($field, $value))->toArray();
    expect(data_get($after, $key))->toBe($expected);
    data_set($after, $key, data_get($before, $key));
    expect($after)->toBe($before);
})->with([
    ['actions.0.transition.kind', 'reveal', 'actions.0.transition.kind', 'reveal'], ['actions.0.transition.direction', 'down', 'actions.0.transition.direction', 'down'], ['actions.0.transition.duration', '2 * 250', 'actions.0.transition.duration', 500],
    ['actions.0.transition.delay', '40', 'actions.0.transition.delay', 40], ['actions.0.transition.easing', 'cubic-bezier(.2,1.4,.6,1)', 'actions.0.transition.easing', 'cubic-bezier(0.2, 1.4, 0.6, 1)'], ['trigger.kind', 'tap', 'trigger', ['kind' => 'tap']],
]);

it('waits a second when it begins to wait, and keeps its wait when asked to wait again', function (): void {
    expect(cueAfter(setCue('trigger.kind', 'delay'))->trigger->delay)->toBe(1000)
        ->and(cueAfter(setCue('trigger.kind', 'delay'), setCue('trigger.delay', '2500'), setCue('trigger.kind', 'delay'))->trigger->delay)->toBe(2500)
        ->and(cueAfter(setCue('trigger.kind', 'delay'), setCue('trigger.kind', 'tap'))->trigger)->toBeInstanceOf(Kindred\Document\Cue\Trigger\Tap::class);
});

it('goes back by the inverse, and shows the next screen of the reel when told to show again', function (): void {
    $back = cueAfter(setCue('actions.0.kind', 'return'));
    expect([$back->actions[0]->action::kind(), $back->actions[0]->transition])->toBe(['return', null]);
    $again = cueAfter(setCue('actions.0.kind', 'return'), setCue('actions.0.kind', 'show'));
    expect([$again->actions[0]->action->screen, $again->actions[0]->transition?->kind->value, $again->actions[0]->transition?->direction->value])->toBe(['next', 'push', 'left']);
    $own = cueAfter(setCue('actions.0.kind', 'return'), setCue('actions.0.transition.kind', 'cover'));
    expect($own->actions[0]->transition?->kind->value)->toBe('cover')->and(cueAfter(setCue('actions.0.kind', 'return'), setCue('actions.0.transition.kind', 'cover'), setCue('actions.0.transition.kind', ''))->actions[0]->transition)->toBeNull();
});

it('takes its time again after a cut', function (): void {
    expect(cueAfter(setCue('actions.0.transition.kind', 'cut'), setCue('actions.0.transition.duration', '0'), setCue('actions.0.transition.kind', 'push'))->actions[0]->transition?->duration)->toBe(300)
        ->and(cueAfter(setCue('actions.0.transition.kind', 'cut'), setCue('actions.0.transition.kind', 'push'))->actions[0]->transition?->duration)->toBe(300)
        ->and(cueAfter(setCue('actions.0.transition.duration', '0'))->actions[0]->transition?->duration)->toBe(0);
});

it('refuses what a cue cannot have', function (array $command, string $problem): void {
    expect(fn (): Tree => Sample::after(Sample::tree(), LINK, $command))->toThrow(DomainException::class, $problem);
})->with([
    [setCue('actions.0.transition.duration', '10001'), 'Duration must lie between 0 and 10000 ms'], [setCue('trigger.delay', '-1'), 'Wait must lie between 0 and 600000 ms'], [setCue('actions.0.transition.delay', 'soon'), 'is not a number or sum'],
    [setCue('actions.0.transition.easing', 'bouncy'), 'is not an easing'], [setCue('actions.0.transition.direction', 'north'), 'one of these is expected'], [setCue('actions.0.screen', 'gone'), 'no longer there'], [setCue('trigger.kind', 'wish'), 'one of these is expected: tap, double-tap'],
    [['cue' => 'cue2'] + setCue('actions.0.transition.delay', '1'), 'The cue is no longer there'], [['layer' => 'gone'] + setCue('actions.0.transition.delay', '1'), 'no longer there'],
]);

it('never lets a screen as a whole wait for what only layers have', function (): void {
    $tree = Sample::after(Sample::tree(), ['layer' => null, 'cue' => ['trigger' => ['kind' => 'delay', 'delay' => 9]] + LINK['cue']] + LINK);
    expect(fn (): Tree => Sample::after($tree, setCue('trigger.kind', 'pointer-enter', null)))->toThrow(InvalidInput::class, 'select a layer')
        ->and(Sample::after($tree, setCue('trigger.kind', 'tap', null))->screen('home')->cues[0]->isTap())->toBeTrue()
        ->and(Sample::after($tree, setCue('trigger.delay', '70', null))->screen('home')->cues[0]->trigger->delay)->toBe(70);
});

it('does not take a layer of another screen for its owner', function (): void {
    $tree = Sample::after(Sample::tree(), LINK, ['type' => 'transfer-layers', 'screen' => 'home', 'to' => 'next', 'layers' => ['boxa'], 'dx' => 0, 'dy' => 0]);
    Sample::after($tree, setCue('actions.0.transition.delay', '5'));
})->throws(InvalidInput::class, 'not on that screen');

it('reads what an earlier or later version kept, the first kind for one that it does not know', function (): void {
    $cue = ['id' => 'cue1', 'trigger' => ['kind' => 'shake', 'force' => 3], 'action' => ['kind' => 'show', 'screen' => 'next']];
    $kept = Cue::read(Reader::kept($cue));
    expect([$kept->trigger::kind(), $kept->actions[0]->target()])->toBe(['tap', 'next'])
        ->and(fn () => Cue::read(Reader::of($cue)))->toThrow(InvalidInput::class, 'trigger.kind: one of these is expected: tap, double-tap')
        ->and(fn () => Cue::read(Reader::of(['trigger' => ['kind' => 'delay', 'delay' => 600_001]] + $cue)))->toThrow(InvalidInput::class, 'trigger.delay')
        ->and(fn () => Cue::read(Reader::of(['trigger' => ['kind' => 'delay']] + $cue)))->toThrow(InvalidInput::class, 'trigger.delay');
});

it('goes back to the last screen, the first, or one that is named', function (): void {
    $to = fn (string $value): array => cueAfter(setCue('actions.0.kind', 'return'), setCue('actions.0.to', $value))->actions[0]->toArray();
    expect($to(''))->toEqual(['kind' => 'return', 'transition' => null])->and($to('first')['first'] ?? null)->toBeTrue()->and($to('next')['to'] ?? null)->toBe('next')
        ->and(fn () => $to('nowhere'))->toThrow(DomainException::class);
});

it('becomes any other action and back, and any change can be taken back', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'field', 'layers' => [['kind' => 'widget', 'widget' => 'text-field', 'name' => 'Name', 'label' => 'Name', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 60]]], LINK);
    $kinds = array_map(fn (string $class): string => $class::kind(), Action::ALL);
    $tried = 0;
    foreach ($kinds as $first) {
        foreach ($kinds as $second) {
            if ($first === 'state' || $second === 'state') {
                // Nothing here has states.
                expect(fn () => Sample::after($tree, setCue('actions.0.kind', 'state')))->toThrow(InvalidInput::class, 'Only an instance whose component has states');

                continue;
            }
            $one = Sample::after($tree, setCue('actions.0.kind', $first));
            $two = Sample::after($one, setCue('actions.0.kind', $second), setCue('actions.1.kind', $first));
            $acts = $two->layer('boxa')->cues[0]->actions;
            expect(array_map(fn (Act $act): string => $act->action::kind(), $acts))->toBe([$second, $first])
                ->and(Sample::plain(Difference::between($one, $two)->inverse()->applyTo($two)))->toBe(Sample::plain($one));
            $tried++;
        }
    }
    expect($tried)->toBe((count($kinds) - 1) ** 2);
});

it('moves, removes and adds actions in their order, and no more than a cue has', function (): void {
    $kinds = fn (Cue $cue): array => array_map(fn (Act $act): string => $act->action::kind(), $cue->actions);
    $two = [setCue('actions.1.kind', 'return'), setCue('actions.2.kind', 'address')];
    expect($kinds(cueAfter(...$two)))->toBe(['show', 'return', 'address'])
        ->and($kinds(cueAfter(...$two, ...[setCue('actions.0.at', '2')])))->toBe(['return', 'address', 'show'])
        ->and($kinds(cueAfter(...$two, ...[setCue('actions.2.at', '0')])))->toBe(['address', 'show', 'return'])
        ->and($kinds(cueAfter(...$two, ...[setCue('actions.1.kind', '')])))->toBe(['show', 'address'])
        ->and(fn () => cueAfter(setCue('actions.5.kind', 'return')))->toThrow(InvalidInput::class, 'A cue has at most')
        ->and(fn () => cueAfter(setCue('actions.3.at', '0')))->toThrow(InvalidInput::class, 'That is no longer there')
        ->and(fn () => cueAfter(setCue('otherwise.0.kind', '')))->toThrow(InvalidInput::class, 'That is no longer there');
});

it('does nothing otherwise once nothing is asked any more', function (): void {
    $asks = [setCue('conditions.0.kind', 'signal'), setCue('otherwise.0.kind', 'return')];
    expect(cueAfter(...$asks)->otherwise)->toHaveCount(1)->and(cueAfter(...$asks, ...[setCue('conditions.0.kind', '')])->otherwise)->toBe([]);
});

it('says that there is nothing to scroll to, to fill in, or to show', function (array $made, string $kind, string $said): void {
    expect(fn () => Sample::after(Sample::tree(), ...$made, ...[['type' => 'put-cue', 'screen' => 'next', 'layer' => null, 'cue' => ['id' => 'open1', 'trigger' => ['kind' => 'delay', 'delay' => 10], 'actions' => [['kind' => 'return']]]],
        ['type' => 'set-cue-field', 'screen' => 'next', 'layer' => null, 'cue' => 'open1', 'field' => 'actions.0.kind', 'value' => $kind]]))->toThrow(InvalidInput::class, $said);
})->with([
    'no field' => [[], 'focus', 'There is no field on the screen yet; place one from the kit first.'],
    'no other screen' => [[['type' => 'delete-screens', 'screens' => ['home']]], 'show', 'There is no other screen to show yet; add one first.'],
]);
