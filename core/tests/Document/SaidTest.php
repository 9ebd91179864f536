<?php

declare(strict_types=1);

use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Said;
use Kindred\Input\Reader;

it('says what a cue waits for and does', function (array $cue, string $said): void {
    expect(Said::of(Cue::read(Reader::of($cue + ['id' => 'cue1']))))->toBe($said);
})->with([
    [['trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'home', 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 300]]]], 'Tap: show {home}, push left 300 ms'],
    [['trigger' => ['kind' => 'tap'], 'entry' => 'Kilns', 'actions' => [['kind' => 'show', 'screen' => 'home', 'transition' => ['kind' => 'cut', 'duration' => 0]]]], 'Tap on “Kilns”: show {home}'],
    [['trigger' => ['kind' => 'long-press', 'press' => 700], 'actions' => [['kind' => 'lay-over', 'screen' => 'menu']]], 'Long press of 700 ms: lay {menu} over'],
    [['trigger' => ['kind' => 'drag', 'direction' => 'up'], 'actions' => [['kind' => 'take-off']]], 'Drag up: take off what lies over'],
    [['trigger' => ['kind' => 'key', 'key' => 'Ctrl+K'], 'conditions' => [['kind' => 'fields']], 'actions' => [['kind' => 'value', 'signal' => 'pieces', 'how' => 'by', 'value' => '1'], ['kind' => 'return', 'first' => true]], 'otherwise' => [['kind' => 'return', 'to' => 'home']]], 'Key Ctrl+K, on a condition: set pieces, then return to the first screen; otherwise return to {home}'],
    [['trigger' => ['kind' => 'delay', 'delay' => 900], 'actions' => [['kind' => 'state', 'axis' => 'axis1', 'transition' => ['kind' => 'dissolve', 'duration' => 200, 'easing' => 'spring(1, 170, 26)']]]], 'After a delay of 900 ms: change a state, dissolve 729 ms'],
    [['trigger' => ['kind' => 'spoken', 'phrase' => 'light it'], 'actions' => []], 'Words are spoken “light it”: nothing'],
]);
