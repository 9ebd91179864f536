<?php

declare(strict_types=1);

use Kindred\Document\Layout\Evening;
use Kindred\Geometry\Box;

/**
 * Boxes of a grid, each up to `mess` px away from where it belongs.
 *
 * @return array<string, Box>
 */
function messy(int $rows, int $columns, float $width, float $height, float $gap, int $mess): array
{
    $boxes = [];
    for ($row = 0; $row < $rows; $row++) {
        for ($column = 0; $column < $columns; $column++) {
            $off = fn (): float => mt_rand(-10 * $mess, 10 * $mess) / 10;
            $boxes["r{$row}c{$column}"] = new Box(100 + $column * ($width + $gap) + $off(), 80 + $row * ($height + $gap) + $off(), $width, $height);
        }
    }

    return $boxes;
}

/**
 * @param  array<string, Box>  $boxes
 * @return array<string, Box>
 */
function evened(array $boxes): array
{
    $shifts = Evening::of($boxes);

    foreach ($boxes as $id => $box) {
        $boxes[$id] = $box->movedBy($shifts[$id]->x, $shifts[$id]->y);
    }

    return $boxes;
}

it('makes a messy grid exact, moving nothing far, and leaves it alone the second time', function (int $seed): void {
    mt_srand($seed);
    [$rows, $columns] = [mt_rand(2, 5), mt_rand(2, 6)];
    [$width, $height, $gap, $mess] = [mt_rand(40, 120), mt_rand(30, 90), mt_rand(12, 30), mt_rand(1, 5)];
    $boxes = messy($rows, $columns, $width, $height, $gap, $mess);
    $even = evened($boxes);
    for ($row = 0; $row < $rows; $row++) {
        for ($column = 0; $column < $columns; $column++) {
            $box = $even["r{$row}c{$column}"];
            expect($box->y)->toBe($even["r{$row}c0"]->y)->and($box->x)->toBe($even["r0c{$column}"]->x)
                ->and(hypot($box->x - $boxes["r{$row}c{$column}"]->x, $box->y - $boxes["r{$row}c{$column}"]->y))->toBeLessThan(3 * $mess + $rows + $columns);
        }
    }
    $across = array_map(fn (int $column): float => $even["r0c{$column}"]->x - $even['r0c'.($column - 1)]->right(), range(1, $columns - 1));
    $down = array_map(fn (int $row): float => $even["r{$row}c0"]->y - $even['r'.($row - 1).'c0']->bottom(), range(1, $rows - 1));
    expect(count(array_unique($across)))->toBe(1)->and(count(array_unique($down)))->toBe(1)
        ->and(fmod($across[0], 1.0))->toBe(0.0)->and(evened($even))->toEqual($even);
})->with(range(1, 12));

it('lines up boxes of several sizes by what they share: an edge, a middle or the other edge', function (array $row, string $shared): void {
    $boxes = [];
    foreach ($row as $i => [$y, $height]) {
        $boxes["box{$i}"] = new Box($i * 60 + $i, $y, 50, $height);
    }
    $at = array_map(fn (Box $box): float => round(['start' => $box->y, 'middle' => $box->y + $box->height / 2, 'end' => $box->bottom()][$shared], 3), evened($boxes));
    expect(count(array_unique($at)))->toBe(1);
})->with([
    'tops' => [[[10, 20], [11, 40], [10, 60]], 'start'],
    'middles' => [[[30, 20], [21, 40], [9, 60]], 'middle'],
    'feet' => [[[50, 20], [31, 40], [10, 60]], 'end'],
]);

it('gives what forms no grid one common gap along its line', function (): void {
    $row = ['left' => new Box(0, 0, 30, 20), 'next' => new Box(37, 1, 80, 20), 'last' => new Box(130, 0, 20, 20)];
    $even = evened($row);
    expect($even['next']->x - $even['left']->right())->toBe(10.0)->and($even['last']->x - $even['next']->right())->toBe(10.0);
});

it('has nothing to do for one box, and for none', function (): void {
    expect(Evening::of([]))->toBe([])->and(evened(['one' => new Box(10, 20, 30, 40)]))->toEqual(['one' => new Box(10, 20, 30, 40)]);
});
