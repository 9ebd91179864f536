<?php

declare(strict_types=1);

use Kindred\Device\Pointing;
use Kindred\Document\Tree;
use Kindred\Flow\Map\Graph;
use Kindred\Flow\Time\Fitts;
use Kindred\Flow\Time\Operator;
use Kindred\Flow\Time\Path;
use Kindred\Flow\Time\Paths;
use Kindred\Flow\Time\Timed;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Tests\Sample;

/* How long people take: the keystroke-level model and Fitts’ law. */

it('comes to what is published', function (string $method, array $instead, float $seconds): void {
    expect(round(Timed::total(Timed::written($method, $instead)), 2))->toBe($seconds);
})->with([
    // Card, Moran and Newell 1980, section 3.3, one word replaced by another; a typist of 0.2 s a key.
    'a line editor: jump to the line, substitute' => ['4M 15K', ['K' => 0.2], 8.4],
    'a display editor: point to the word, replace' => ['2M 8K 2H P', ['K' => 0.2], 6.2],
    // Kieras 2001, how to delete a file.
    'dragged to the trash' => ['3P 2B', [], 3.5],
    'by a menu' => ['4P 4B', [], 4.8],
    'by a key' => ['P 2B 2H 2K', [], 2.66],
]);

it('has the index of difficulty of Fitts’ law', function (float $distance, float $width, float $bits): void {
    expect(round(Fitts::difficulty($distance, $width), 2))->toBe($bits);
})->with([[0, 10, 0.0], [10, 10, 1.0], [70, 10, 3.0], [310, 10, 5.0], [8, 1, 3.17], [16, 2, 3.17]]);

it('takes longer the farther and the smaller a target is, and with a mouse than with a finger', function (): void {
    $at = new Point(195, 422);
    $near = Fitts::to(Pointing::Touch, $at, new Box(150, 500, 90, 44));
    expect($near)->toBeLessThan(Fitts::to(Pointing::Touch, $at, new Box(150, 780, 90, 44)))
        ->and($near)->toBeLessThan(Fitts::to(Pointing::Touch, $at, new Box(150, 500, 90, 20)))
        ->and($near)->toBeLessThan(Fitts::to(Pointing::Pointer, $at, new Box(150, 500, 90, 44)));
});

/** @return list<string> what is done in the first steps of the fastest path, `M P R` a step */
function operators(Path $path): array
{
    return array_map(fn (array $step): string => implode(' ', array_map(fn (Timed $one): string => ($one->times > 1 ? $one->times : '').$one->operator->value, $step[1])), $path->steps);
}

/** @return list<Path> */
function paths(Tree $tree, string $from, string $to, int $max = 3): array
{
    return (new Paths($tree, Graph::of($tree, Sample::expansion(), Sample::kit()), Sample::expansion()))->between($from, $to, $max);
}

it('points at the entry that a cue is of', function (): void {
    $tabs = ['kind' => 'widget', 'widget' => 'tabs', 'name' => 'Tabs', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 48, 'items' => array_map(fn (string $label): array => ['label' => $label], ['Kilns', 'Glazes', 'Wheels'])];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 't', 'layers' => [$tabs]]);
    $id = array_values(array_filter($tree->layersOf('home'), fn (Kindred\Document\Layer $one): bool => $one->name === 'Tabs'))[0]->id;
    $cue = fn (string $entry): array => ['type' => 'put-cue', 'screen' => 'home', 'layer' => $id, 'cue' => ['id' => 'cue'.strtolower($entry), 'entry' => $entry, 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'cut']]]]];
    $seconds = fn (Tree $of): float => paths($of, 'home', 'next', 1)[0]->seconds();
    [$first, $last] = [Sample::after($tree, $cue('Kilns')), Sample::after($tree, $cue('Wheels'))];
    $steps = fn (Tree $of): array => Graph::of($of, Sample::expansion(), Sample::kit())->from['home'];
    [$near, $far] = [$steps($first)[0], $steps($last)[0]];
    expect($near->called)->toBe('Kilns')->and($near->target?->width)->toBeLessThan(200)->and($far->target?->x)->toBeGreaterThan($near->target->x + 100)->and($far->target->right())->toBeLessThanOrEqual(390.01)
        // A part of it is harder to hit than all of it.
        ->and($seconds($first))->toBeGreaterThan(log(hypot(195 - 195, 422 - 24) / 48 + 1, 2) / Fitts::TOUCH);
});

it('predicts a tap: think, point, wait for what comes', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 300, 'delay' => 100]]]]]);
    [$path] = paths($tree, 'home', 'next');
    // From the middle of the screen to that of a box of 100 by 40 at 20, 30.
    $pointing = log(hypot(195 - 70, 422 - 50) / 40 + 1, 2) / Fitts::TOUCH;

    expect(operators($path))->toBe(['M P R'])->and($path->seconds())->toEqualWithDelta(1.35 + $pointing + 0.4, 1e-9);
});

it('predicts what other triggers take', function (array $trigger, string $operators, string $device = 'phone'): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'create-screen', 'screen' => ['id' => 'desk', 'name' => 'Desk', 'device' => $device, 'x' => 0, 'y' => 2000, 'width' => $device === 'phone' ? 390 : 1440, 'height' => 1900, 'view' => 900]],
        ['type' => 'create-layers', 'screen' => 'desk', 'seed' => 'l', 'layers' => [['id' => 'deep', 'kind' => 'box', 'name' => 'Deep', 'x' => 20, 'y' => 1500, 'width' => 100, 'height' => 44,
            'cues' => [['id' => 'cue1', 'trigger' => $trigger, 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'cut']]]]]]]]);
    expect(operators(paths($tree, 'desk', 'next')[0]))->toBe([$operators]);
})->with([
    'far below, on a phone' => [['kind' => 'tap'], 'M S P'],
    'with a mouse' => [['kind' => 'tap'], 'M K P 2B', 'desktop'],
    'held' => [['kind' => 'long-press', 'press' => 500], 'M S P R'],
    'twice' => [['kind' => 'double-tap'], 'M K P 4B', 'desktop'],
    'a drag' => [['kind' => 'drag', 'direction' => 'left', 'distance' => 200], 'M S P P'],
    'a key' => [['kind' => 'key', 'key' => 'Enter'], 'M H K', 'desktop'],
    'words' => [['kind' => 'spoken', 'phrase' => 'light the kiln'], 'M 3W'],
    'by itself' => [['kind' => 'delay', 'delay' => 1500], 'R'],
]);

it('fills in what a cue asks for', function (): void {
    $field = fn (string $id, float $y, bool $required): array => ['id' => $id, 'kind' => 'widget', 'widget' => 'text-field', 'name' => ucfirst($id), 'hint' => 'Six letters', 'required' => $required, 'x' => 24, 'y' => $y, 'width' => 342, 'height' => 48];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'f', 'layers' => [$field('name', 300, true), $field('mail', 360, false)]],
        ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'conditions' => [['kind' => 'fields']], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'cut']]]]]);
    [$path] = paths($tree, 'home', 'next');
    expect(operators($path))->toBe(['M P 11L P'])
        ->and($path->steps[0][1][2]->seconds)->toEqualWithDelta(11 * Operator::Letter->seconds(), 1e-9);
});

it('finds the fastest path, and the next ones after it', function (): void {
    $link = fn (string $from, string $to, int $i, int $duration): array => ['type' => 'create-layers', 'screen' => $from, 'seed' => "l{$i}", 'layers' => [['id' => "link{$i}", 'kind' => 'box', 'name' => "To {$to}", 'x' => 100, 'y' => 400, 'width' => 190, 'height' => 60, 'cues' => [['id' => "cue{$i}", 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => $to, 'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => $duration]]]]]]]];
    $screen = fn (string $id): array => ['type' => 'create-screen', 'screen' => ['id' => $id, 'name' => ucfirst($id), 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844]];
    $tree = Sample::after(Sample::tree(), $screen('kilns'), $screen('glazes'),
        $link('home', 'next', 1, 9000), $link('home', 'kilns', 2, 200), $link('kilns', 'next', 3, 200), $link('home', 'glazes', 4, 300), $link('glazes', 'next', 5, 300));
    $paths = paths($tree, 'home', 'next');

    expect(array_map(fn (Path $path): array => array_map(fn (array $one): ?string => $one[0]->to, $path->steps), $paths))->toBe([['kilns', 'next'], ['glazes', 'next'], ['next']])
        ->and($paths[0]->seconds())->toBeLessThan($paths[1]->seconds())->and($paths[1]->seconds())->toBeLessThan($paths[2]->seconds())
        ->and(paths($tree, 'next', 'home'))->toBe([]);
});
