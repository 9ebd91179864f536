<?php

declare(strict_types=1);

use Kindred\Document\Bounds;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Layout\Snaps;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/**
 * A phone's screen with plain boxes: [x, y, width, height] by name.
 *
 * @param  array<string, array{float, float, float, float}>  $boxes
 */
function boxes(array $boxes): Tree
{
    $layers = [];
    foreach ($boxes as $id => [$x, $y, $width, $height]) {
        $layers[] = ['id' => $id, 'kind' => 'box', 'name' => $id, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height];
    }
    $file = Sample::file();
    $file['screens'][0]['layers'] = $layers;

    return Kindred\Exchange\ProjectFile::read((string) json_encode($file))->tree;
}

/** @return list<float> */
function places(array $lines): array
{
    $places = array_column($lines, 'at');
    sort($places);

    return $places;
}

it('gives edges and middles of siblings, of the screen, and the edges of its safe area', function (): void {
    $snaps = Snaps::of(boxes(['moving' => [0, 0, 10, 10], 'card' => [20, 100, 100, 60]]), new Place('home'), ['moving'], new Typesetter(Sample::faces()));
    // The phone is 390 wide and 844 high; its safe area leaves 47 px above and 34 below.
    expect(places($snaps->lines['x']))->toBe([0.0, 20.0, 70.0, 120.0, 195.0, 390.0])
        ->and(places($snaps->lines['y']))->toBe([0.0, 47.0, 100.0, 130.0, 160.0, 422.0, 810.0, 844.0]);
});

it('joins lines at the same place into one as long as all that it belongs to', function (): void {
    $snaps = Snaps::of(boxes(['moving' => [0, 0, 10, 10], 'high' => [24, 100, 30, 20], 'lowbox' => [24, 500, 60, 40]]), new Place('home'), ['moving'], new Typesetter(Sample::faces()));
    $line = array_values(array_filter($snaps->lines['x'], fn (array $line): bool => $line['at'] === 24.0));
    expect($line)->toBe([['at' => 24.0, 'from' => 100.0, 'to' => 540.0]]);
});

it('leaves out what moves and what is hidden, but not what is locked', function (): void {
    $tree = Sample::after(boxes(['moving' => [1, 1, 10, 10], 'hidden' => [33, 33, 10, 10], 'locked' => [55, 55, 10, 10]]),
        ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['hidden'], 'hidden' => true],
        ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['locked'], 'locked' => true],
    );
    expect(places(Snaps::of($tree, new Place('home'), ['moving'], new Typesetter(Sample::faces()))->lines['x']))->toBe([0.0, 55.0, 60.0, 65.0, 195.0, 390.0]);
});

it('finds where a gap repeats: after, before and between', function (): void {
    $tree = boxes(['moving' => [300, 105, 20, 10], 'first' => [40, 100, 30, 30], 'second' => [120, 110, 30, 30]]);
    $gaps = Snaps::of($tree, new Place('home'), ['moving'], new Typesetter(Sample::faces()))->gaps['x'];
    $by = array_combine(array_column($gaps, 'at'), $gaps);
    // 50 px lie between the two.
    expect(array_keys($by))->toEqualCanonicalizing([200, -30, 85])
        ->and($by[200]['spans'])->toBe([[70.0, 120.0], [150.0, 200.0]])
        ->and($by[-30]['spans'])->toBe([[-10.0, 40.0], [70.0, 120.0]])
        ->and($by[85]['spans'])->toBe([[70.0, 85.0], [105.0, 120.0]])
        ->and([$by[200]['from'], $by[200]['to']])->toBe([110.0, 130.0]);
});

it('counts only the gap to the nearest, and only of what lies beside each other', function (): void {
    $tree = boxes(['moving' => [300, 400, 20, 10], 'first' => [0, 0, 30, 30], 'second' => [50, 10, 30, 30], 'third' => [100, 0, 30, 30], 'away' => [60, 600, 30, 30]]);
    $spans = array_map(fn (array $gap): array => $gap['spans'][0], Snaps::of($tree, new Place('home'), ['moving'], new Typesetter(Sample::faces()))->gaps['x']);
    expect($spans)->not->toContain([30.0, 100.0])->not->toContain([30.0, 60.0])->toContain([30.0, 50.0]);
});

it('sees groups by the bounds that they take up on the screen, turned or not', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['group'], 'field' => 'rotation', 'value' => '90']);
    // The pair lies at 40, 200 and is 220 by 40; upright about its middle at 150, 220.
    $bounds = Bounds::of($tree, $tree->layer('group'));
    expect([$bounds->x, $bounds->y, $bounds->width, $bounds->height])->toEqualWithDelta([130, 110, 40, 220], 0.001);
    $left = Bounds::of($tree, $tree->layer('left'));
    expect([$left->x, $left->y, $left->width, $left->height])->toEqualWithDelta([130, 110, 40, 100], 0.001);
    expect(places(Snaps::of($tree, new Place('home'), ['boxa'], new Typesetter(Sample::faces()))->lines['y']))->toContain(110.0, 330.0);
});

it('offers a layer in a group its siblings there and the group around', function (): void {
    $lines = places(Snaps::of(Sample::tree(), new Place('home', 'group'), ['left'], new Typesetter(Sample::faces()))->lines['x']);
    expect($lines)->toBe([0.0, 40.0, 150.0, 160.0, 195.0, 210.0, 260.0, 390.0]);
});

it('offers loose layers the screens', function (): void {
    expect(places(Snaps::of(Sample::tree(), new Place(null), [], new Typesetter(Sample::faces()))->lines['x']))->toBe([0.0, 195.0, 390.0, 470.0, 665.0, 860.0]);
});

it('names the baselines of words, those of what moves, and the lines of a grid for them', function (): void {
    $style = ['family' => 'Lora', 'weight' => 400, 'size' => 20, 'lineHeight' => 1.5];
    $tree = Sample::after(Sample::tree(),
        ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'b', 'layers' => [
            ['kind' => 'text', 'name' => 'Two', 'x' => 10, 'y' => 400, 'words' => "Kiln\nlog", 'style' => $style], ['kind' => 'text', 'name' => 'Large', 'x' => 90, 'y' => 380, 'words' => 'Two', 'style' => ['size' => 40] + $style],
            ['kind' => 'text', 'name' => 'Turned', 'x' => 90, 'y' => 500, 'rotation' => 5, 'words' => 'Two', 'style' => $style],
        ]],
        ['type' => 'put-grid', 'screen' => 'home', 'grid' => ['id' => 'base1', 'kind' => 'baseline', 'size' => 25, 'margin' => 0]],
    );
    [$two, $large, $turned] = array_slice(array_map(strval(...), array_keys($tree->layers)), -3);
    $typesetter = new Typesetter(Sample::faces());
    $lines = $tree->layer($two)->content->laid($typesetter, $tree->layer($two)->box)->lines;
    $snaps = Snaps::of($tree, new Place('home'), [$large], $typesetter);
    expect(places($snaps->baselines))->toContain(round(400 + $lines[0]->baseline, 3), round(400 + $lines[1]->baseline, 3), 100.0)
        ->and($snaps->own)->toEqual([round($tree->layer($large)->content->laid($typesetter, $tree->layer($large)->box)->lines[0]->baseline, 3)])
        ->and(Snaps::of($tree, new Place('home'), [$turned], $typesetter)->own)->toBe([]);
});
