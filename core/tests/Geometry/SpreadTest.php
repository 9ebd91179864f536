<?php

declare(strict_types=1);

use Kindred\Document\Style\Corners;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Spread;

it('spreads boxes along an axis', function (Axis $axis, array $boxes, ?float $gap, array $starts): void {
    $spread = Spread::along($axis, array_map(fn (array $box): Box => new Box(...$box), $boxes), $gap);
    expect($spread)->toEqual($starts)->and(array_keys($spread))->toBe(array_keys($starts));
})->with([
    'the room is shared' => [Axis::X, ['a' => [0, 0, 10, 5], 'b' => [12, 0, 20, 5], 'c' => [90, 0, 10, 5]], null, ['a' => 0, 'b' => 40, 'c' => 90]],
    'downwards' => [Axis::Y, ['a' => [0, 0, 10, 10], 'b' => [0, 15, 10, 10], 'c' => [0, 40, 10, 10]], null, ['a' => 0, 'b' => 20, 'c' => 40]],
    'in the order of their middles' => [Axis::X, ['wide' => [0, 0, 100, 5], 'left' => [5, 0, 10, 5], 'right' => [200, 0, 10, 5]], 4, ['left' => 5, 'wide' => 19, 'right' => 123]],
    'too little room: they overlap alike' => [Axis::X, ['a' => [0, 0, 60, 5], 'b' => [30, 0, 60, 5], 'c' => [40, 0, 60, 5]], null, ['a' => 0, 'b' => 20, 'c' => 40]],
    'a gap that is none' => [Axis::X, ['a' => [7, 0, 10, 5], 'b' => [50, 0, 10, 5]], 0, ['a' => 7, 'b' => 17]],
    'over each other' => [Axis::X, ['a' => [0, 0, 10, 5], 'b' => [50, 0, 10, 5]], -3, ['a' => 0, 'b' => 7]],
    'one alone' => [Axis::X, ['a' => [7, 0, 10, 5]], null, ['a' => 7]],
    'all in one place' => [Axis::Y, ['a' => [0, 3, 9, 0], 'b' => [0, 3, 9, 0], 'c' => [0, 3, 9, 0]], null, ['a' => 3, 'b' => 3, 'c' => 3]],
]);

it('leaves the same gap between all neighbours, and the ends where they were', function (int $seed): void {
    mt_srand($seed);
    $boxes = [];
    for ($i = 0; $i < 3 + $seed % 20; $i++) {
        $boxes["box{$i}"] = new Box(mt_rand(-900, 900), mt_rand(-900, 900), mt_rand(0, 300), mt_rand(0, 300));
    }
    foreach ([Axis::X, Axis::Y] as $axis) {
        $starts = Spread::along($axis, $boxes, null);
        $ids = array_keys($starts);
        [$first, $last] = [$ids[0], $ids[count($ids) - 1]];
        $gaps = [];
        for ($i = 1; $i < count($ids); $i++) {
            $gaps[] = $starts[$ids[$i]] - $starts[$ids[$i - 1]] - $axis->size($boxes[$ids[$i - 1]]);
        }
        expect(max($gaps) - min($gaps))->toBeLessThan(1e-6)
            ->and($starts[$first])->toBe($axis->start($boxes[$first]))
            ->and($starts[$last])->toEqualWithDelta($axis->start($boxes[$last]), 1e-6);
    }
})->with(range(1, 12));

it('draws the cross of a picture within the roundings of its corners', function (Corners $corners): void {
    $box = new Box(10, 20, 120, 80);
    $cross = PathData::parse($corners->cross($box));
    $bounds = $cross->bounds();
    $min = min($corners->topLeft, $corners->bottomLeft, 40.0) * (1 - M_SQRT1_2);
    expect($bounds?->x)->toEqualWithDelta(10 + $min, 0.01)->and($bounds?->x)->toBeGreaterThanOrEqual(10)->and($bounds?->right())->toBeLessThanOrEqual(130);
    preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $corners->cross($box), $found, PREG_SET_ORDER);
    $fitted = $corners->fitted($box);
    // Each end lies on the arc of its corner: as far from the middle of the arc as the radius.
    foreach ([[$fitted->topLeft, 10, 20, 1, 1], [$fitted->bottomRight, 130, 100, -1, -1], [$fitted->topRight, 130, 20, -1, 1], [$fitted->bottomLeft, 10, 100, 1, -1]] as $i => [$radius, $x, $y, $right, $down]) {
        $far = hypot((float) $found[$i][1] - ($x + $right * $radius), (float) $found[$i][2] - ($y + $down * $radius));
        expect($far)->toEqualWithDelta($radius, 0.02);
    }
})->with([[new Corners], [Corners::all(13)], [new Corners(0, 8, 16, 24)], [Corners::all(400)]]);
