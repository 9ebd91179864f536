<?php

declare(strict_types=1);

use Kindred\Document\Bounds;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** @return array<string, mixed> */
function align(string $edge, string $with, string ...$layers): array
{
    return ['type' => 'align-layers', 'screen' => 'home', 'layers' => $layers, 'edge' => $edge, 'with' => $with];
}

/** @return list<float> x, y of the bounds on the screen */
function corner(Tree $tree, string $id): array
{
    $bounds = Bounds::of($tree, $tree->layer($id));

    return [round($bounds->x, 3), round($bounds->y, 3)];
}

// "boxa" is 100 by 40 at 20, 30; "icon" 24 by 24 at 200, 30; "group" 220 by 40 at 40, 200.
it('brings layers into line with each other', function (string $edge, array $box, array $icon, array $group): void {
    $tree = Sample::after(Sample::tree(), align($edge, 'each', 'boxa', 'icon', 'group'));
    expect([corner($tree, 'boxa'), corner($tree, 'icon'), corner($tree, 'group')])->toEqual([$box, $icon, $group]);
})->with([
    ['left', [20, 30], [20, 30], [20, 200]], ['centre', [90, 30], [128, 30], [30, 200]], ['right', [160, 30], [236, 30], [40, 200]],
    ['top', [20, 30], [200, 30], [40, 30]], ['middle', [20, 115], [200, 123], [40, 115]], ['bottom', [20, 200], [200, 216], [40, 200]],
]);

it('brings them into line with the one picked last, which stays', function (): void {
    $tree = Sample::after(Sample::tree(), align('right', 'last', 'group', 'boxa', 'icon'));
    expect([corner($tree, 'boxa'), corner($tree, 'icon'), corner($tree, 'group')])->toEqual([[124, 30], [200, 30], [4, 200]]);
});

it('brings one into line with its screen, and one in a group with the group', function (): void {
    expect(corner(Sample::after(Sample::tree(), align('centre', 'parent', 'icon')), 'icon'))->toEqual([183, 30])
        ->and(corner(Sample::after(Sample::tree(), align('bottom', 'parent', 'icon')), 'icon'))->toEqual([200, 820])
        ->and(corner(Sample::after(Sample::tree(), align('left', 'parent', 'right')), 'right'))->toEqual([40, 200]);
});

it('goes by the bounds of what is turned, also inside a turned group', function (): void {
    $turn = fn (string $id, string $by): array => ['type' => 'set-field', 'screen' => 'home', 'layers' => [$id], 'field' => 'rotation', 'value' => $by];
    $tree = Sample::after(Sample::tree(), $turn('boxa', '90'), align('left', 'last', 'boxa', 'icon'));
    expect(corner($tree, 'boxa')[0])->toEqual(200.0);
    $tree = Sample::after(Sample::tree(), $turn('group', '90'), $turn('left', '30'));
    $right = corner($tree, 'right');
    $tree = Sample::after($tree, align('top', 'last', 'left', 'right'));
    expect(corner($tree, 'left')[1])->toEqualWithDelta(corner($tree, 'right')[1], 0.01)
        ->and(corner($tree, 'right'))->toEqualWithDelta($right, 0.01);
});

it('shares the room between the first and the last, in the order in which they lie', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [['kind' => 'box', 'name' => 'Far', 'x' => 340, 'y' => 0, 'width' => 40, 'height' => 10]]],
    );
    $far = array_key_last($tree->layers);
    $tree = Sample::after($tree, ['type' => 'distribute-layers', 'screen' => 'home', 'layers' => [$far, 'icon', 'boxa'], 'axis' => 'x']);
    // From 20 to 380 there are 196 px beside the 164 that the three take up.
    expect([corner($tree, 'boxa')[0], corner($tree, 'icon')[0], corner($tree, $far)[0]])->toEqual([20, 218, 340]);
});

it('sets a gap, from the first on', function (float $gap, array $tops): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'distribute-layers', 'screen' => 'home', 'layers' => ['group', 'boxa', 'words'], 'axis' => 'y', 'gap' => $gap]);
    expect([corner($tree, 'boxa')[1], corner($tree, 'words')[1], corner($tree, 'group')[1]])->toEqual($tops);
})->with([[8, [30, 78, 108.4]], [0, [30, 70, 92.4]], [-10, [30, 60, 72.4]]]);

it('says what is missing', function (array $command, string $problem): void {
    expect(fn (): Tree => Sample::after(Sample::tree(), $command + ['screen' => 'home']))->toThrow(InvalidInput::class, $problem);
})->with([
    [['type' => 'distribute-layers', 'layers' => ['boxa', 'icon'], 'axis' => 'x'], 'Select three layers or more'],
    [['type' => 'distribute-layers', 'layers' => ['boxa'], 'axis' => 'x', 'gap' => 3], 'Select two layers or more'],
    [['type' => 'distribute-layers', 'layers' => ['boxa', 'icon'], 'axis' => 'z'], 'one of these is expected: x, y'],
    [['type' => 'distribute-layers', 'layers' => ['boxa', 'icon'], 'axis' => 'x', 'gap' => 'wide'], 'a number is expected'],
    [['type' => 'align-layers', 'layers' => ['boxa'], 'edge' => 'diagonal', 'with' => 'each'], 'one of these is expected: left'],
]);

it('evens out rows and columns that are messy', function (array $boxes, array $corners): void {
    $layers = array_map(fn (array $box): array => ['kind' => 'box', 'name' => 'Box', 'x' => $box[0], 'y' => $box[1], 'width' => $box[2], 'height' => $box[3]], $boxes);
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 's', 'layers' => $layers]);
    $ids = array_values(array_map(fn ($layer): string => $layer->id, array_filter($tree->layers, fn ($layer): bool => $layer->screen === 'next')));
    $tree = Sample::after($tree, ['type' => 'even-layers', 'screen' => 'next', 'layers' => $ids]);
    expect(array_map(fn (string $id): array => corner($tree, $id), $ids))->toEqual($corners);
})->with([
    'a grid of four' => [[[10, 12, 40, 40], [61, 10, 40, 40], [11, 70, 40, 40], [63, 73, 40, 40]], [[11, 11], [63, 11], [11, 72], [63, 72]]],
    'one row' => [[[0, 10, 30, 20], [37, 12, 30, 20], [80, 9, 30, 20]], [[0, 10], [40, 10], [80, 10]]],
    'one column, by its middles' => [[[10, 0, 60, 20], [21, 31, 40, 20], [30, 60, 20, 20]], [[10, 0], [20, 30], [30, 60]]],
    'rows that form no columns keep a common gap' => [[[0, 0, 30, 20], [38, 1, 70, 20], [120, 0, 20, 20], [0, 30, 80, 20], [91, 31, 40, 20]], [[0, 0], [41, 0], [122, 0], [0, 31], [91, 31]]],
]);
