<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Flow\Simulator;
use Kindred\Tests\Sample;

/*
 * The rules by which a press becomes one thing and not another, as Kindred\Flow\Pressing states them. In the group lie the layers “left”
 * and “right”; each cue leads to a screen that is called like it.
 */

/**
 * @param  array<string, list<array<string, mixed>>>  $triggers  by layer; “screen” is the screen itself
 * @param  bool  $holds  whether the cues show screens, or set a value
 */
function pressed(array $triggers, bool $holds = true): Tree
{
    $tree = Sample::tree();
    foreach ($triggers as $layer => $all) {
        foreach ($all as $trigger) {
            $name = str_replace('-', '', "{$layer}{$trigger['kind']}".($trigger['direction'] ?? ''));
            $tree = Sample::after($tree, ['type' => 'create-screen', 'screen' => ['id' => $name, 'name' => $name, 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844]],
                ['type' => 'put-cue', 'screen' => 'home', 'layer' => $layer === 'screen' ? null : $layer, 'cue' => ['id' => "c{$name}", 'trigger' => $trigger, 'actions' => [['kind' => 'show', 'screen' => $name, 'transition' => ['kind' => 'push', 'duration' => 400]]]]]);
        }
    }

    return $tree;
}

/**
 * @param  array<string, list<array<string, mixed>>>  $triggers
 * @param  list<array<string, mixed>|int>  $events  ms that pass, or what happens
 */
function comesTo(array $triggers, array $events): string
{
    $run = new Simulator(Programme::compile(pressed($triggers)));
    foreach ($events as $event) {
        $run->send(is_int($event) ? ['type' => 'elapse', 'ms' => $event] : $event);
    }

    return (string) $run->stand()['screen'];
}

/** @param  array<string, list<string>>  $scrolls */
function down(array $scrolls = []): array
{
    return ['type' => 'down', 'path' => ['left', 'group', ''], 'x' => 100, 'y' => 100, 'scrolls' => $scrolls];
}

const UP = ['type' => 'up'];
const TAP = ['type' => 'tap', 'path' => ['left', 'group', ''], 'x' => 100, 'y' => 100];

/** @return array<string, mixed> */
function to(int $x, int $y): array
{
    return ['type' => 'move', 'x' => $x, 'y' => $y];
}

/** @return array<string, mixed> */
function on(string $kind, mixed ...$more): array
{
    return ['kind' => $kind] + $more;
}

it('makes one thing of a press', function (array $triggers, array $events, string $screen): void {
    expect(comesTo($triggers, $events))->toBe($screen);
})->with([
    'the innermost layer answers' => [['left' => [on('tap')], 'group' => [on('tap')], 'screen' => [on('tap')]], [down(), UP, TAP], 'lefttap'],
    'the screen comes last' => [['screen' => [on('tap')], 'right' => [on('tap')]], [down(), UP, TAP], 'screentap'],
    'pressed comes before let go, and that before a tap' => [['left' => [on('press'), on('release'), on('tap')]], [down()], 'leftpress'],
    'let go counts wherever the finger is by then' => [['left' => [on('release')]], [down(), to(300, 300), UP], 'leftrelease'],
    'a short press is a tap' => [['left' => [on('tap'), on('long-press', press: 500)]], [down(), 499, UP, TAP], 'lefttap'],
    'a long one is none' => [['left' => [on('tap')], 'group' => [on('long-press', press: 500)]], [down(), 500], 'grouplongpress'],
    'and the tap that a browser tells afterwards is swallowed' => [['left' => [on('tap'), on('long-press', press: 500)], 'leftlongpress' => []], [down(), 400, to(130, 100), 300, UP, TAP], 'home'],
    'without a long press that is waited for a press may take its time' => [['left' => [on('tap')]], [down(), 5000, UP, TAP], 'lefttap'],
    'a finger may slip by 10 px' => [['left' => [on('tap')]], [down(), to(107, 107), UP, TAP], 'lefttap'],
    'and no farther' => [['left' => [on('tap')]], [down(), to(108, 107), UP, TAP], 'home'],
    'a tap waits where a double tap may follow' => [['left' => [on('tap')], 'group' => [on('double-tap')]], [down(), UP, TAP, 299], 'home'],
    'and happens when none has' => [['left' => [on('tap')], 'group' => [on('double-tap')]], [down(), UP, TAP, 300], 'lefttap'],
    'two taps are a double tap' => [['left' => [on('tap')], 'group' => [on('double-tap')]], [down(), UP, TAP, 250, down(), UP, TAP], 'groupdoubletap'],
    'two that lie apart are two taps' => [['left' => [on('tap')], 'group' => [on('double-tap')]], [down(), UP, TAP, 250, ['x' => 125] + TAP], 'lefttap'],
    'a swipe is told by its speed' => [['left' => [on('swipe', direction: 'left')]], [down(), 50, to(80, 100), UP], 'leftswipeleft'],
    'a slow short one is none' => [['left' => [on('swipe', direction: 'left')]], [down(), 500, to(80, 100), 200, UP], 'home'],
    'a slow long one is one' => [['left' => [on('swipe', direction: 'left')]], [down(), 500, to(70, 100), 200, UP], 'leftswipeleft'],
    'the other way is another' => [['left' => [on('swipe', direction: 'left'), on('swipe', direction: 'up')]], [down(), 50, to(95, 60), UP], 'leftswipeup'],
    'one that goes back is none' => [['left' => [on('swipe', direction: 'left')]], [down(), 50, to(20, 100), 50, to(20, 100), 50, to(40, 100), 50, to(60, 100), UP], 'home'],
    'a flick counts however long it rested before' => [['left' => [on('swipe', direction: 'left')]], [down(), 900, to(99, 100), 40, to(69, 100), UP], 'leftswipeleft'],
    'what is scrolled is not swiped' => [['screen' => [on('swipe', direction: 'up')]], [down(['group' => ['up']]), 50, to(100, 40), UP], 'home'],
    'but at its end' => [['screen' => [on('swipe', direction: 'up')]], [down(['group' => ['down']]), 50, to(100, 40), UP], 'screenswipeup'],
    'and what lies in it comes first' => [['left' => [on('swipe', direction: 'up')]], [down(['group' => ['up']]), 50, to(100, 40), UP], 'leftswipeup'],
    'a drag comes before a swipe of the same layer' => [['left' => [on('swipe', direction: 'right'), on('drag', direction: 'right', distance: 200.0)]], [down(), 50, to(130, 100), 300, UP], 'home'],
    'but not before one of a layer in it' => [['group' => [on('drag', direction: 'right', distance: 20.0)], 'left' => [on('swipe', direction: 'right')]], [down(), 50, to(130, 100), UP], 'leftswiperight'],
    'a drag beyond the middle is done' => [['left' => [on('drag', direction: 'right', distance: 200.0)]], [down(), 500, to(200, 100), 200, UP], 'leftdragright'],
    'one that falls short is not' => [['left' => [on('drag', direction: 'right', distance: 200.0)]], [down(), 500, to(199, 100), 200, UP], 'home'],
    'one that is thrown is done wherever it is' => [['left' => [on('drag', direction: 'right', distance: 200.0)]], [down(), 40, to(130, 100), UP], 'leftdragright'],
    'one that is thrown back is not' => [['left' => [on('drag', direction: 'right', distance: 200.0)]], [down(), 400, to(290, 100), 200, to(230, 100), UP], 'home'],
    'one that the system takes away is not' => [['left' => [on('drag', direction: 'right', distance: 200.0)]], [down(), 500, to(290, 100), ['type' => 'cancel']], 'home'],
    'a press that has moved is no long press' => [['left' => [on('long-press', press: 500)]], [down(), 300, to(120, 100), 900], 'home'],
]);

it('follows the finger, and takes the time that is left', function (): void {
    $run = new Simulator(Programme::compile(Sample::after(pressed(['left' => [on('drag', direction: 'right', distance: 200.0)]]),
        ['type' => 'put-cue', 'screen' => 'leftdragright', 'cue' => ['id' => 'cback', 'trigger' => on('delay', delay: 0), 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'cut', 'duration' => 0]]]]])));
    $progress = [];
    foreach ([100, 60, 150, 260, 500] as $x) {
        $run->send($x === 100 ? down() : to($x, 100));
        $progress[] = $run->following()['progress'] ?? null;
    }
    // To the left is no way for it: there it has not begun.
    expect($progress)->toBe([null, null, null, null, null]);
    $run->send(UP);
    foreach ([[down(), null], [to(111, 100), 0.055], [to(150, 100), 0.25], [to(90, 100), 0.0], [to(500, 100), 1.0], [to(250, 100), 0.75]] as [$event, $expected]) {
        $run->send(['type' => 'elapse', 'ms' => 200]);
        $run->send($event);
        expect($run->following()['progress'] ?? null)->toBe($expected);
    }
    $run->send(['type' => 'elapse', 'ms' => 200]);
    $run->send(UP);
    // A quarter of 400 ms is left; then the screen has settled.
    $run->send(['type' => 'elapse', 'ms' => 99]);
    expect($run->stand()['screen'])->toBe('leftdragright');
    $run->send(['type' => 'elapse', 'ms' => 1]);
    expect($run->stand()['screen'])->toBe('next');
});
