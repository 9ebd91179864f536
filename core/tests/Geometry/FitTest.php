<?php

declare(strict_types=1);

use Kindred\Geometry\Curve\Fit;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Point;

/**
 * Where a hand was that followed something, a little unsteady.
 *
 * @param  Closure(float): Point  $of  by how far along it is, from 0 to 1
 * @return list<Point>
 */
function hand(Closure $of, int $many, float $shake = 0.0, int $seed = 1): array
{
    mt_srand($seed);
    $off = fn (): float => $shake * (mt_rand() / mt_getrandmax() - 0.5) * 2;

    return array_map(fn (int $i): Point => $of($i / ($many - 1))->plus(new Point($off(), $off())), range(0, $many - 1));
}

/**
 * How far the furthest of some points is from a path, px.
 *
 * @param  list<Point>  $points
 */
function offPath(array $points, Subpath $path): float
{
    $near = [];
    for ($i = 0; $i < $path->count(); $i++) {
        foreach (range(0, 200) as $k) {
            $near[] = $path->curve($i)->at($k / 200);
        }
    }

    return max(array_map(fn (Point $point): float => min(array_map(fn (Point $at): float => $at->minus($point)->length(), $near)), $points));
}

$circle = fn (float $t): Point => new Point(100 + 80 * cos(2 * M_PI * $t), 100 + 80 * sin(2 * M_PI * $t));
$wave = fn (float $t): Point => new Point(300 * $t, 60 + 40 * sin(6 * M_PI * $t));
$corner = fn (float $t): Point => $t < 0.5 ? new Point(200 * $t, 0) : new Point(100, 200 * ($t - 0.5));
$spiral = fn (float $t): Point => new Point(150 + 120 * $t * cos(10 * $t), 150 + 120 * $t * sin(10 * $t));

it('goes through where the hand was, as near as is asked for, with few points', function (Closure $of, int $many, float $shake, float $tolerance, int $max) {
    $points = hand($of, $many, $shake);
    $path = Fit::through($points, $tolerance);
    expect(offPath($points, $path))->toBeLessThanOrEqual($tolerance + 0.1)->and(count($path->nodes))->toBeLessThanOrEqual($max)
        ->and($path->nodes[0]->at)->toEqual($points[0])->and($path->nodes[count($path->nodes) - 1]->at)->toEqual($points[$many - 1]);
})->with([
    'a circle' => [$circle, 120, 0.0, 1.0, 6], 'a circle by an unsteady hand' => [$circle, 200, 0.4, 2.0, 9],
    'a wave' => [$wave, 300, 0.0, 1.0, 14], 'a wave, loosely' => [$wave, 300, 0.5, 4.0, 10], 'a spiral' => [$spiral, 250, 0.2, 1.5, 12],
    'very closely' => [$wave, 300, 0.0, 0.1, 36],
]);

it('takes fewer points the further off it may be', function () use ($wave): void {
    $points = hand($wave, 400, 0.6);
    $many = array_map(fn (float $tolerance): int => count(Fit::through($points, $tolerance)->nodes), [0.3, 1.0, 3.0, 40.0]);
    expect($many)->toBe(array_reverse(array_values(array_unique([...array_reverse($many)]))))->and($many[3])->toBeLessThan(10);
});

it('keeps corners, and is smooth elsewhere', function () use ($corner, $circle): void {
    $path = Fit::through(hand($corner, 101), 1.0);
    expect(count($path->nodes))->toBe(3)->and($path->nodes[1]->at)->toEqualWithDelta(new Point(100, 0), 0.01)->and(array_filter($path->nodes, fn (Node $node): bool => $node->in !== null || $node->out !== null))->toBe([]);
    $inner = array_slice(Fit::through(hand($circle, 200, 0.3), 1.0)->nodes, 1, -1);
    expect($inner)->not->toBe([])->and(array_filter($inner, fn (Node $node): bool => ! $node->isSmooth()))->toBe([]);
});

it('makes a line of what is nearly one, and something of next to nothing', function (): void {
    expect(count(Fit::through(hand(fn (float $t): Point => new Point(200 * $t, 50 * $t), 80, 0.3), 2.0)->nodes))->toBe(2)
        ->and(count(Fit::through([], 1.0)->nodes))->toBe(2)->and(count(Fit::through([new Point(5, 5)], 1.0)->nodes))->toBe(2)
        ->and(count(Fit::through([new Point(5, 5), new Point(5, 5), new Point(9, 5)], 1.0)->nodes))->toBe(2)
        ->and(count(Fit::through(array_fill(0, 500, new Point(1, 1)), 1.0)->nodes))->toBe(2);
});

it('comes back to where it began where it is closed', function () use ($circle): void {
    $path = Fit::through(array_slice(hand($circle, 120), 0, -1), 1.0, true);
    // And goes on there as it came, where it did not turn sharply.
    expect($path->nodes[0]->isSmooth())->toBeTrue()->and(Fit::through(hand(fn (float $t): Point => $t < 0.5 ? new Point(200 * $t, 100 * $t) : new Point(100 - 200 * ($t - 0.5), 50 + 100 * ($t - 0.5)), 100), 1.0, true)->nodes[0]->isSmooth())->toBeFalse();
    expect($path->closed)->toBeTrue()->and($path->nodes[0]->at)->toEqualWithDelta(new Point(180, 100), 1e-9);
});

it('ends whatever the hand did', function (int $seed): void {
    mt_srand($seed);
    $points = array_map(fn (): Point => new Point(mt_rand(0, 300), mt_rand(0, 300)), range(1, 200));
    $path = Fit::through($points, [0.5, 2, 20][$seed % 3]);
    expect(count($path->nodes))->toBeLessThanOrEqual(201);
    foreach ($path->nodes as $node) {
        foreach ([$node->at, $node->in, $node->out] as $one) {
            expect($one === null || (is_finite($one->x) && is_finite($one->y)))->toBeTrue();
        }
    }
})->with(range(1, 12));

it('thins what lies on lines', function () use ($circle): void {
    expect(count(Fit::thinned(hand(fn (float $t): Point => new Point(100 * $t, 0), 500), 0.1)))->toBe(2);
    $points = hand($circle, 2000);
    $thin = Fit::thinned($points, 0.25);
    expect(count($thin))->toBeLessThan(80)->and(offPath(array_values(array_filter($points, fn (int $i): bool => $i % 8 === 0, ARRAY_FILTER_USE_KEY)), new Subpath(array_map(fn (Point $point): Node => new Node($point), $thin), false)))->toBeLessThan(0.3)
        ->and(Fit::thinned([], 1))->toBe([])->and(count(Fit::thinned([new Point(1, 1)], 1)))->toBe(1);
});
