<?php

declare(strict_types=1);

use Kindred\Chart\Scale;

// The first is the example of Heckbert's paper.
it('has round ends and steps about what there is', function (array $values, bool $fromNought, ?float $min, ?float $max, int $steps, array $ticks, array $ends): void {
    $scale = Scale::of($values, $fromNought, $min, $max, $steps);
    expect($scale->ticks)->toBe(array_map(floatval(...), $ticks))->and([$scale->min, $scale->max])->toBe(array_map(floatval(...), $ends));
})->with([
    'a range' => [[105.0, 543.0], false, null, null, 4, [100, 200, 300, 400, 500, 600], [100, 600]],
    'from nought' => [[30.0, 71.0], true, null, null, 4, [0, 20, 40, 60, 80], [0, 80]],
    'below nought' => [[-15.0, 20.0], true, null, null, 4, [-20, -10, 0, 10, 20], [-20, 20]],
    'small' => [[0.0012, 0.0031], false, null, null, 4, [0.001, 0.0015, 0.002, 0.0025, 0.003, 0.0035], [0.001, 0.0035]],
    'set ends are kept' => [[30.0, 71.0], true, 5.0, 1300.0, 4, [500, 1000], [5, 1300]],
    'one that is set' => [[30.0, 71.0], false, 0.0, null, 2, [0, 50, 100], [0, 100]],
    'all alike' => [[42.0, 42.0], false, null, null, 4, [0, 10, 20, 30, 40, 50], [0, 50]],
    'nothing but nought' => [[0.0], true, null, null, 4, [0, 0.2, 0.4, 0.6, 0.8, 1], [0, 1]],
    'nothing at all' => [[], true, null, null, 4, [0, 0.2, 0.4, 0.6, 0.8, 1], [0, 1]],
    'an end beyond all that there is' => [[30.0, 71.0], false, 100.0, null, 4, [100, 120, 140, 160, 180, 200], [100, 200]],
    'and below it' => [[30.0, 71.0], false, null, 20.0, 4, [0, 5, 10, 15, 20], [0, 20]],
]);

it('has ends about all values, and no more than twice as many steps as are asked for, whatever they are', function (): void {
    mt_srand(20);
    for ($i = 0; $i < 2000; $i++) {
        $values = array_map(fn (): float => mt_rand(-1000, 1000) * 10.0 ** mt_rand(-9, 9), range(0, mt_rand(0, 5)));
        $steps = mt_rand(1, 20);
        $scale = Scale::of($values, $i % 2 === 0, null, null, $steps);
        $little = 1e-8 * ($scale->max - $scale->min);
        expect($scale->min)->toBeLessThanOrEqual(min($values) + $little)->and($scale->max)->toBeGreaterThanOrEqual(max($values) - $little)->and($scale->max)->toBeGreaterThan($scale->min)
            ->and(count($scale->ticks))->toBeBetween(1, 2 * $steps + 3)
            ->and($scale->share($scale->min))->toBe(0.0)->and($scale->share($scale->max))->toBe(1.0);
    }
});

it('is spaced by powers where it is asked to', function (): void {
    $scale = Scale::of([3.0, 4200.0, 0.0, -5.0], false, logarithmic: true);
    expect([$scale->min, $scale->max, $scale->ticks])->toBe([1.0, 10000.0, [1.0, 10.0, 100.0, 1000.0, 10000.0]])
        ->and($scale->share(100.0))->toEqualWithDelta(0.5, 1e-12)->and($scale->share(0.0))->toBeNull()->and($scale->base())->toBe(0.0)
        ->and(Scale::of([3.0, 8.0], false, logarithmic: true)->ticks)->toBe([1.0, 2.0, 5.0, 10.0])
        ->and(count(Scale::of([1e-9, 1e15], false, logarithmic: true)->ticks))->toBeLessThan(12)
        ->and(Scale::of([-3.0], false, logarithmic: true)->ticks)->not->toBe([]);
});
