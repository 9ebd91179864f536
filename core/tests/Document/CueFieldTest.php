<?php

declare(strict_types=1);

use Kindred\Document\Cue\Cue;
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
    ['transition.kind', 'reveal', 'transition.kind', 'reveal'], ['transition.direction', 'down', 'transition.direction', 'down'], ['transition.duration', '2 * 250', 'transition.duration', 500],
    ['transition.delay', '40', 'transition.delay', 40], ['transition.easing', 'cubic-bezier(.2,1.4,.6,1)', 'transition.easing', 'cubic-bezier(0.2, 1.4, 0.6, 1)'], ['trigger.kind', 'tap', 'trigger', ['kind' => 'tap']],
]);

it('waits a second when it begins to wait, and keeps its wait when asked to wait again', function (): void {
    expect(cueAfter(setCue('trigger.kind', 'delay'))->trigger->delay)->toBe(1000)
        ->and(cueAfter(setCue('trigger.kind', 'delay'), setCue('trigger.delay', '2500'), setCue('trigger.kind', 'delay'))->trigger->delay)->toBe(2500)
        ->and(cueAfter(setCue('trigger.kind', 'delay'), setCue('trigger.kind', 'tap'))->trigger)->toBeInstanceOf(Kindred\Document\Cue\Trigger\Tap::class);
});

it('goes back by the inverse, and shows the next screen of the reel when told to show again', function (): void {
    $back = cueAfter(setCue('action.kind', 'return'));
    expect([$back->action::kind(), $back->transition])->toBe(['return', null]);
    $again = cueAfter(setCue('action.kind', 'return'), setCue('action.kind', 'show'));
    expect([$again->action->screen, $again->transition?->kind->value, $again->transition?->direction->value])->toBe(['next', 'push', 'left']);
    $own = cueAfter(setCue('action.kind', 'return'), setCue('transition.kind', 'cover'));
    expect($own->transition?->kind->value)->toBe('cover')->and(cueAfter(setCue('action.kind', 'return'), setCue('transition.kind', 'cover'), setCue('transition.kind', ''))->transition)->toBeNull();
});

it('takes its time again after a cut', function (): void {
    expect(cueAfter(setCue('transition.kind', 'cut'), setCue('transition.duration', '0'), setCue('transition.kind', 'push'))->transition?->duration)->toBe(300)
        ->and(cueAfter(setCue('transition.kind', 'cut'), setCue('transition.kind', 'push'))->transition?->duration)->toBe(300)
        ->and(cueAfter(setCue('transition.duration', '0'))->transition?->duration)->toBe(0);
});

it('refuses what a cue cannot have', function (array $command, string $problem): void {
    expect(fn (): Tree => Sample::after(Sample::tree(), LINK, $command))->toThrow(DomainException::class, $problem);
})->with([
    [setCue('transition.duration', '10001'), 'Duration must lie between 0 and 10000 ms'], [setCue('trigger.delay', '-1'), 'Wait must lie between 0 and 600000 ms'], [setCue('transition.delay', 'soon'), 'is not a number or sum'],
    [setCue('transition.easing', 'bouncy'), 'is not an easing'], [setCue('transition.direction', 'north'), 'one of these is expected'], [setCue('action.screen', 'gone'), 'no longer there'], [setCue('trigger.kind', 'wish'), 'one of these is expected: tap, delay'],
    [['cue' => 'cue2'] + setCue('transition.delay', '1'), 'The cue is no longer there'], [['layer' => 'gone'] + setCue('transition.delay', '1'), 'no longer there'],
]);

it('never lets a screen as a whole wait for a tap', function (): void {
    $tree = Sample::after(Sample::tree(), ['layer' => null, 'cue' => ['trigger' => ['kind' => 'delay', 'delay' => 9]] + LINK['cue']] + LINK);
    expect(fn (): Tree => Sample::after($tree, setCue('trigger.kind', 'tap', null)))->toThrow(InvalidInput::class, 'a tap needs a layer')
        ->and(Sample::after($tree, setCue('trigger.delay', '70', null))->screen('home')->cues[0]->trigger->delay)->toBe(70);
});

it('does not take a layer of another screen for its owner', function (): void {
    $tree = Sample::after(Sample::tree(), LINK, ['type' => 'transfer-layers', 'screen' => 'home', 'to' => 'next', 'layers' => ['boxa'], 'dx' => 0, 'dy' => 0]);
    Sample::after($tree, setCue('transition.delay', '5'));
})->throws(InvalidInput::class, 'not on that screen');

it('reads what an earlier or later version kept, the first kind for one that it does not know', function (): void {
    $cue = ['id' => 'cue1', 'trigger' => ['kind' => 'shake', 'force' => 3], 'action' => ['kind' => 'show', 'screen' => 'next']];
    $kept = Cue::read(Reader::kept($cue));
    expect([$kept->trigger::kind(), $kept->action->target()])->toBe(['tap', 'next'])
        ->and(fn () => Cue::read(Reader::of($cue)))->toThrow(InvalidInput::class, 'trigger.kind: one of these is expected: tap, delay')
        ->and(fn () => Cue::read(Reader::of(['trigger' => ['kind' => 'delay', 'delay' => 600_001]] + $cue)))->toThrow(InvalidInput::class, 'trigger.delay')
        ->and(fn () => Cue::read(Reader::of(['trigger' => ['kind' => 'delay']] + $cue)))->toThrow(InvalidInput::class, 'trigger.delay');
});
