<?php

declare(strict_types=1);

use Kindred\Geometry\Bands;
use Kindred\Geometry\Box;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('finds what all of them looked at one by one would give, in their order', function (): void {
    $random = new Randomizer(new Mt19937(7));
    $number = fn (int $from, int $to): float => $random->getInt($from * 4, $to * 4) / 4;
    $box = fn (): Box => new Box($number(-300, 300), $number(-2000, 4000), $number(0, 200), $random->getInt(0, 9) === 0 ? $number(0, 5000) : $number(0, 120));
    $boxes = array_map($box, range(0, 399));
    $bands = new Bands($boxes);
    $met = 0;
    for ($i = 0; $i < 300; $i++) {
        $asked = $i % 50 === 0 ? new Box(-1000, -10_000, 3000, 900_000) : $box();
        $all = array_keys(array_filter($boxes, fn (Box $one): bool => $one->meets($asked)));
        $met += count($all);
        expect($bands->meeting($asked))->toBe($all);
    }
    expect($met)->toBeGreaterThan(3000);
});

it('finds nothing among none', function (): void {
    expect((new Bands([]))->meeting(new Box(0, 0, 10, 10)))->toBe([]);
});
