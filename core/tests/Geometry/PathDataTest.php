<?php

declare(strict_types=1);

use Kindred\Document\Layer\PaintedCentre;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;

it('reads every command of path data, relative or not, however it is written', function (string $data, string $absolute): void {
    expect(PathData::parse($data)->text())->toBe($absolute);
})->with([
    ['M1,2L3-4h5V6z', 'M1 2L3 -4L8 -4L8 6Z'],
    ['m1 1 2 2-1 0', 'M1 1L3 3L2 3'],
    ['M0 0c0 1 1 2 2 2s2 1 2 2', 'M0 0C0 1 1 2 2 2C3 2 4 3 4 4'],
    ['M0 0Q3 0 3 3T6 6', 'M0 0C2 0 3 1 3 3C3 5 4 6 6 6'],
    ['M.5.5.75.75', 'M0.5 0.5L0.75 0.75'],
    ['M1e1 0H2E1', 'M10 0L20 0'],
    // Arcs by their quarter turns; flags may stand without room between.
    ['M0 5A5 5 0 0 1 10 5', 'M0 5C0 2.239 2.239 0 5 0C7.761 0 10 2.239 10 5'],
    ['M0 5a5 5 0 0110 0', 'M0 5C0 2.239 2.239 0 5 0C7.761 0 10 2.239 10 5'],
    ['M0 5A5 5 0 0 0 10 5', 'M0 5C0 7.761 2.239 10 5 10C7.761 10 10 7.761 10 5'],
]);

it('says what is not path data', function (string $data, string $problem): void {
    expect(fn () => PathData::parse($data))->toThrow(InvalidInput::class, $problem);
})->with([
    ['L1 1', 'begins with a move'], ['M1', 'a number is missing'], ['M1 1 X', 'not expected'], ['M0 0A5 5 0 2 0 1 1', 'a flag of an arc is 0 or 1'], [str_repeat('M0 0', 60_000), 'longer than 200,000'],
]);

it('has the bounds of its curves, not of their control points', function (): void {
    $bounds = PathData::parse('M0 0C0 40 100 40 100 0')->bounds();
    expect($bounds?->width)->toEqual(100.0)->and($bounds?->height)->toEqualWithDelta(30.0, 0.1);
    // After a closing the curve begins where the subpath did.
    expect(PathData::parse('M0 0H60V10ZC0 -40 40 -40 40 0')->bounds()?->y)->toEqualWithDelta(-30.0, 0.1)
        ->and(PathData::parse('M0 50V0H60ZC20 50 40 50 40 50')->bounds()?->height)->toEqual(50.0);
});

it('finds the middle of what is painted', function (array $nodes, float $x, float $y): void {
    $centre = PaintedCentre::of($nodes);
    expect([$centre->x, $centre->y])->toEqualWithDelta([$x, $y], 0.05);
})->with([
    'a triangle by its centroid' => [[['path', ['d' => 'M6 3l14 9-14 9z']]], 6 + 14 / 3, 12],
    'a circle' => [[['circle', ['cx' => '10', 'cy' => '9', 'r' => '4']]], 10, 9],
    'a stroke' => [[['line', ['x1' => '2', 'y1' => '4', 'x2' => '10', 'y2' => '8']]], 6, 6],
    'several shapes together' => [[['rect', ['x' => '0', 'y' => '0', 'width' => '4', 'height' => '4']], ['polyline', ['points' => '4,0 8,0 8,4 4,4']]], 4, 2],
    'nothing' => [[], 12, 12],
]);

it('goes back to the start of its subpath where it closes, and on from there', function (string $data, array $points): void {
    expect(array_map(fn (Point $point): array => [$point->x, $point->y], PathData::parse($data)->points(2)))->toEqual($points);
})->with([
    'a triangle' => ['M10 20L30 20L30 40Z', [[10, 20], [30, 20], [30, 40], [10, 20]]],
    'a curve after a closing begins at the start' => ['M10 20H30V40ZC10 30 20 30 20 20', [[10, 20], [30, 20], [30, 40], [10, 20], [15, 27.5], [20, 20]]],
    'two subpaths, each with its own start' => ['M0 0h4v4zm10 10h4v4z', [[0, 0], [4, 0], [4, 4], [0, 0], [10, 10], [14, 10], [14, 14], [10, 10]]],
]);
