<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Flow\Map\Graph;
use Kindred\Flow\Programme;
use Kindred\Flow\Scrolling;
use Kindred\Flow\Simulator;
use Kindred\Layout\ScrollRegion;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;

/* What scrolls: how it moves, what it shows, and what it takes of a press. */

/**
 * A row of four cards of 300 by 180 with 16 between, seen through a window of 342.
 *
 * @param  array<string, mixed>  $scroll
 * @param  array<string, mixed>  $more
 */
function carousel(array $scroll = ['axes' => 'across', 'snap' => 'start'], array $more = []): Tree
{
    $card = fn (int $i): array => ['kind' => 'box', 'name' => "Card {$i}", 'width' => 300, 'height' => 180, 'fills' => [['colour' => '#17594f']]];

    return Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'carousel', 'layers' => [$more + ['kind' => 'stack', 'name' => 'Carousel', 'x' => 24, 'y' => 120, 'width' => 342, 'height' => 180, 'columnGap' => 16, 'scroll' => $scroll, 'children' => array_map($card, [0, 1, 2, 3])]]]);
}

function region(Tree $tree): ScrollRegion
{
    $stack = array_values(array_filter($tree->layersOf('next'), fn (Layer $one): bool => $one->scrolls()))[0];

    return ScrollRegion::of($tree, $stack) ?? throw new RuntimeException('Nothing scrolls.');
}

it('knows how far it can be scrolled, and where it comes to rest', function (array $scroll, array $more, float $far, array $stops): void {
    $region = region(carousel($scroll, $more));
    expect($region->farAcross())->toBe($far)->and($region->farDown())->toBe(0.0)->and($region->across)->toBe($stops);
})->with([
    'at the start of each' => [['axes' => 'across', 'snap' => 'start'], [], 906.0, [0.0, 316.0, 632.0, 906.0]],
    'in the middle of each' => [['axes' => 'across', 'snap' => 'center'], [], 906.0, [0.0, 295.0, 611.0, 906.0]],
    'with room around' => [['axes' => 'across', 'snap' => 'start'], ['padding' => ['top' => 0, 'right' => 20, 'bottom' => 0, 'left' => 20]], 946.0, [0.0, 316.0, 632.0, 946.0]],
    'down, where there is nothing below' => [['axes' => 'down'], [], 0.0, [0.0, 316.0, 632.0, 906.0]],
]);

it('goes with the finger, and beyond its ends ever less', function (): void {
    expect(Scrolling::held(120, 906, 342, true))->toBe(120.0)
        ->and(Scrolling::held(-100, 906, 342, false))->toBe(0.0)
        ->and(Scrolling::held(-100, 906, 342, true))->toBeLessThan(0.0)->toBeGreaterThan(-100.0)
        ->and(Scrolling::held(1906, 906, 342, true) - 906)->toBeLessThan(0.55 * 342);
    // Begun, it gives way as far as the finger goes; then less and less.
    $slope = fn (float $at): float => Scrolling::held($at - 1, 906, 342, true) - Scrolling::held($at, 906, 342, true);
    expect($slope(0))->toEqualWithDelta(-1, 0.01)->and(abs($slope(-200)))->toBeLessThan(0.4);
});

it('comes to rest where its speed takes it, at a stop where it snaps', function (float $at, float $speed, array $stops, float $rest): void {
    expect(Scrolling::rest($at, $speed, 906, $stops, true))->toEqualWithDelta($rest, 1e-9);
})->with([
    'slow, it stays' => [200.0, 0.0, [], 200.0],
    'thrown, so far as its speed times 325 ms' => [200.0, 1.0, [], 525.0],
    'not beyond its end' => [800.0, 3.0, [], 906.0],
    'at the nearest stop' => [150.0, 0.0, [0.0, 316.0, 632.0, 906.0], 0.0],
    'past the middle at the next' => [170.0, 0.0, [0.0, 316.0, 632.0, 906.0], 316.0],
    'a short flick goes on by one' => [30.0, 0.4, [0.0, 316.0, 632.0, 906.0], 316.0],
    'a flick back goes back' => [290.0, -0.4, [0.0, 316.0, 632.0, 906.0], 0.0],
    'a strong one goes further' => [20.0, 2.0, [0.0, 316.0, 632.0, 906.0], 632.0],
]);

it('slows down as the equation of what is rubbed says', function (): void {
    // v' = -v / 325, solved in steps of a hundredth of a ms.
    [$at, $speed] = [100.0, 1.2];
    $to = Scrolling::rest($at, $speed, 5000, [], true);
    for ($i = 0, $x = $at, $v = $speed; $i < 40_000; $i++) {
        [$x, $v] = [$x + $v * 0.01, $v - $v / 325 * 0.01];
    }
    expect(Scrolling::after(400, $at, $to, true))->toEqualWithDelta($x, 0.02)
        ->and(Scrolling::after(5000, $at, $to, true))->toBe($to)
        ->and(Scrolling::glides($at, $to, 5000, false))->toBeTrue()
        ->and(Scrolling::glides($at, 5000, 5000, false))->toBeFalse()
        ->and(Scrolling::glides(-10, 0, 5000, false))->toBeFalse();
});

it('tells its page, and holds what sticks as long as there is room', function (): void {
    expect(array_map(fn (float $at): int => Scrolling::page($at, [0.0, 316.0, 632.0, 906.0]), [0.0, 157.0, 159.0, 770.0, 906.0]))->toBe([0, 0, 1, 3, 3])
        ->and(Scrolling::stuck(0, 40, 500))->toBe(0.0)->and(Scrolling::stuck(140, 40, 500))->toBe(100.0)->and(Scrolling::stuck(900, 40, 500))->toBe(500.0);
});

it('cuts what lies beyond its window, in every picture', function (): void {
    $tree = carousel(more: ['corners' => ['topLeft' => 12, 'topRight' => 12, 'bottomRight' => 12, 'bottomLeft' => 12]]);
    $drawn = Sample::renderer()->screen($tree, $tree->screen('next'), Sample::rendering());
    expect($drawn)->toContain('<svg data-inside="" class="window" width="342" height="180" viewBox="0 0 342 180" clip-path="url(#')->not->toContain('data-scroll');
    $played = Sample::renderer()->played($tree, $tree->screen('next'), Sample::rendering()->with(working: true));
    preg_match('/data-scroll="([^"]+)"/', $played, $match);
    expect(json_decode(html_entity_decode($match[1]), true))->toMatchArray(['width' => 342, 'farX' => 906, 'farY' => 0, 'snap' => 'start', 'stopsX' => [0, 316, 632, 906]]);
});

it('keeps in the window what is fixed: at the edge that is nearer', function (): void {
    $bar = fn (string $name, int $y, string $position): array => ['kind' => 'box', 'name' => $name, 'x' => 0, 'y' => $y, 'width' => 390, 'height' => 80, 'position' => $position, 'fills' => [['colour' => '#17594f']]];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-screen', 'screen' => ['id' => 'long', 'name' => 'Long', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 1844, 'view' => 844]],
        ['type' => 'create-layers', 'screen' => 'long', 'seed' => 'l', 'layers' => [$bar('Head', 0, 'fixed'), $bar('Foot', 1764, 'fixed'), $bar('Goes along', 900, 'static'), $bar('Sticks', 300, 'sticky')]]);
    $played = Sample::renderer()->played($tree, $tree->screen('long'), Sample::rendering()->with(working: true));
    [$fixed, $rest] = explode('</div>', $played, 2);
    expect(substr_count($fixed, 'data-layer'))->toBe(2)->and($fixed)->toContain('<div class="fixed"><svg')->toContain('translate(0 -1000)')
        ->and(substr_count($rest, 'data-layer'))->toBe(2)->and($rest)->toContain('data-position="sticky"');
    // On the wall all of it lies where it was put.
    expect(substr_count(Sample::renderer()->screen($tree, $tree->screen('long'), Sample::rendering()), 'data-layer'))->toBe(4);
});

it('takes what moves along it, gives way where nothing else does, and leaves a pull to who waits for it', function (array $scrolls, string $way, ?string $scrolling, bool $pulled): void {
    $tree = Sample::after(carousel(), ['type' => 'set-entry', 'screen' => 'next'], ['type' => 'put-cue', 'screen' => 'next', 'cue' => ['id' => 'pulls', 'trigger' => ['kind' => 'pull', 'distance' => 60], 'actions' => [['kind' => 'show', 'screen' => 'home']]]]);
    $run = new Simulator(Programme::compile($tree));
    [$x, $y] = ['left' => [-80, 0], 'down' => [0, 80], 'up' => [0, -80]][$way];
    $run->send(['type' => 'down', 'path' => ['inner', 'carousel', ''], 'x' => 0, 'y' => 0, 'scrolls' => $scrolls]);
    $run->send(['type' => 'move', 'x' => $x, 'y' => $y]);
    expect($run->scrolling())->toBe($scrolling);
    $run->send(['type' => 'up']);
    expect($run->stand()['screen'])->toBe($pulled ? 'home' : 'next');
})->with([
    'along' => [['carousel' => ['left']], 'left', 'carousel', false],
    'the innermost first' => [['carousel' => ['left'], 'inner' => ['left']], 'left', 'inner', false],
    'across it the screen is pulled' => [['carousel' => ['left'], '' => ['up']], 'down', '', true],
    'up the screen scrolls' => [['carousel' => ['left'], '' => ['up']], 'up', '', false],
    'at its end it gives way' => [['carousel' => ['~left', 'right']], 'left', 'carousel', false],
    'but not where another takes it' => [['inner' => ['~left'], 'carousel' => ['left']], 'left', 'carousel', false],
    'nor where a pull waits' => [['carousel' => ['~down']], 'down', '', true],
    'nothing' => [[], 'left', null, false],
]);

it('lets page dots tell of pages, and be pressed', function (): void {
    $tree = Sample::after(carousel(['axes' => 'across', 'snap' => 'start', 'pages' => 'page']), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'dots', 'layers' => [['kind' => 'widget', 'widget' => 'page-dots', 'name' => 'Dots', 'signal' => 'page', 'value' => 2, 'min' => 1, 'max' => 4, 'x' => 140, 'y' => 316, 'width' => 96, 'height' => 16]]]);
    $table = Programme::compile($tree);
    $run = new Simulator($table);
    $widget = (string) array_key_first($table['widgets']);
    expect($table['signals']['page'])->toMatchArray(['kind' => 'one', 'start' => 1, 'labels' => ['Page 1', 'Page 2', 'Page 3', 'Page 4']]);
    $run->send(['type' => 'press', 'widget' => $widget, 'press' => 'item', 'item' => 3]);
    expect($run->values->all()['page'])->toBe(3);
});

it('is no fault where what scrolls reaches beyond its window', function (): void {
    $row = fn (int $i): array => ['kind' => 'stack', 'name' => "Row {$i}", 'x' => 0, 'y' => 0, 'width' => 342, 'height' => 64, 'padding' => ['top' => 20, 'right' => 12, 'bottom' => 20, 'left' => 12], 'fills' => [['colour' => '#ffffff']], 'children' => [Planted::text("Words {$i}", "Shelf number {$i}", 0, 0, 200)]];
    $list = fn (array $scroll): array => ['kind' => 'stack', 'name' => 'List', 'x' => 24, 'y' => 80, 'width' => 342, 'height' => 330, 'direction' => 'column', 'fills' => [['colour' => '#ffffff']], 'scroll' => $scroll, 'children' => array_map($row, range(1, 12))];
    $below = Planted::text('Below', 'What lies below the list', 24, 440, 300);
    $told = fn (array $scroll): array => Planted::told((new Planted)->screen('shelves', [$list($scroll), $below])->tree());
    expect($told(['axes' => 'down']))->toBe([])->and($told([]))->not->toBe([]);
});

it('counts what is pressed in it among the steps, as far down as it is', function (): void {
    $tree = carousel();
    $card = array_values(array_filter($tree->layersOf('next'), fn (Layer $one): bool => $one->name === 'Card 3'))[0];
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => 'next', 'layer' => $card->id, 'cue' => ['id' => 'faraway', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'home']]]]);
    expect(Graph::of($tree, Sample::expansion(), Sample::kit())->from['next'][0]->target?->x)->toBe(24.0 + 3 * 316);
});
