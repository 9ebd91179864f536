<?php

declare(strict_types=1);

use Kindred\Document\Bounds;
use Kindred\Document\Missing;
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

it('brings layers of several screens to the same place on each', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'next', 'seed' => 's', 'layers' => [['kind' => 'box', 'x' => 140, 'y' => 9, 'width' => 40, 'height' => 10]]]);
    $other = array_key_last($tree->layers);
    $tree = Sample::after($tree, ['type' => 'align-layers', 'screen' => 'home', 'across' => ['home', 'next'], 'layers' => ['boxa', $other], 'edge' => 'left', 'with' => 'last']);
    expect([corner($tree, 'boxa'), corner($tree, $other)])->toEqual([[140, 30], [140, 9]]);
    // Nothing is left out in silence: what lies on none of the screens is said.
    expect(fn (): Tree => Sample::after($tree, ['type' => 'align-layers', 'screen' => 'home', 'across' => ['home'], 'layers' => ['boxa', $other], 'edge' => 'left', 'with' => 'last']))->toThrow(Missing::class);
});

it('brings screens into line and spaces them evenly', function (): void {
    $make = fn (string $id, float $x, float $y, float $width): array => ['type' => 'create-screen', 'screen' => ['id' => $id, 'name' => $id, 'device' => 'phone', 'x' => $x, 'y' => $y, 'width' => $width, 'height' => 400]];
    $tree = Sample::after(Sample::tree(), $make('onea', 0, 2000, 100), $make('twoa', 130, 2040, 200), $make('threea', 600, 1990, 100));
    $screens = ['onea', 'twoa', 'threea'];
    $places = fn (Tree $tree): array => array_map(fn (string $id): array => [$tree->screen($id)->box->x, $tree->screen($id)->box->y], $screens);
    expect($places(Sample::after($tree, ['type' => 'align-screens', 'screens' => $screens, 'edge' => 'top'])))->toEqual([[0, 1990], [130, 1990], [600, 1990]])
        ->and($places(Sample::after($tree, ['type' => 'align-screens', 'screens' => $screens, 'edge' => 'bottom', 'withLast' => true])))->toEqual([[0, 1990], [130, 1990], [600, 1990]])
        ->and($places(Sample::after($tree, ['type' => 'distribute-screens', 'screens' => ['threea', 'onea', 'twoa'], 'axis' => 'x'])))->toEqual([[0, 2000], [250, 2040], [600, 1990]])
        ->and($places(Sample::after($tree, ['type' => 'distribute-screens', 'screens' => $screens, 'axis' => 'x', 'gap' => 80])))->toEqual([[0, 2000], [180, 2040], [460, 1990]])
        ->and(fn (): Tree => Sample::after($tree, ['type' => 'distribute-screens', 'screens' => ['onea', 'twoa'], 'axis' => 'x']))->toThrow(InvalidInput::class, 'Select three screens or more');
});

it('lets two layers change places, in their groups and stacks too', function (): void {
    $swap = fn (Tree $tree, string ...$ids): Tree => Sample::after($tree, ['type' => 'swap-layers', 'screen' => 'home', 'layers' => $ids]);
    $tree = $swap(Sample::tree(), 'boxa', 'icon');
    expect([corner($tree, 'boxa'), corner($tree, 'icon')])->toEqual([[200, 30], [20, 30]])->and($tree->layer('boxa')->rank)->toBe(Sample::tree()->layer('boxa')->rank);
    $tree = $swap(Sample::tree(), 'icon', 'left');
    expect($tree->layer('icon')->parent)->toBe('group')->and($tree->layer('left')->parent)->toBeNull()->and(corner($tree, 'left'))->toEqual([200, 30]);
    $stacked = Sample::after(Sample::tree(), ['type' => 'stack-layers', 'screen' => 'home', 'layers' => ['boxa', 'icon'], 'seed' => 'k']);
    $order = fn (Tree $tree): array => array_map(fn ($layer): string => $layer->id, $tree->children(new Kindred\Document\Place('home', $stacked->layer('icon')->parent)));
    expect($order($swap($stacked, 'boxa', 'icon')))->toBe(array_reverse($order($stacked)))
        ->and(fn (): Tree => $swap(Sample::tree(), 'group', 'left'))->toThrow(InvalidInput::class, 'Select two layers');
});
