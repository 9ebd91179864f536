<?php

declare(strict_types=1);

use Kindred\Geometry\Algebra\Algebra;
use Kindred\Geometry\Algebra\Operand;
use Kindred\Geometry\Algebra\Operation;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;

function shaped(string $d): Curves
{
    return Curves::of(PathData::parse($d));
}

function boxed(float $x, float $y, float $width, float $height, float $radius = 0): Curves
{
    return Curves::of(Outline::box(new Box($x, $y, $width, $height), $radius));
}

function disc(float $x, float $y, float $radius): Curves
{
    return Curves::of(Outline::ellipse($x, $y, $radius, $radius));
}

/** The points of all subpaths. */
function pointsOf(Curves $curves): int
{
    return array_sum(array_map(fn (Subpath $subpath): int => count($subpath->nodes), $curves->subpaths));
}

function united(Curves ...$shapes): Curves
{
    return Algebra::of(array_map(fn (Curves $shape): Operand => new Operand($shape), array_values($shapes)));
}

function put(Curves $one, Operation $operation, Curves $other): Curves
{
    return Algebra::of([new Operand($one), new Operand($other, operation: $operation)]);
}

/**
 * How often a cubic curve passes a ray from a place to the right, upwards taken off: it is halved as long as the place lies in its box.
 *
 * @param  list<float>  $c  eight numbers
 */
function passes(array $c, float $x, float $y, int $depth = 0): int
{
    [$x0, $y0, $x1, $y1, $x2, $y2, $x3, $y3] = $c;
    if (($y0 > $y && $y1 > $y && $y2 > $y && $y3 > $y) || ($y0 <= $y && $y1 <= $y && $y2 <= $y && $y3 <= $y) || ($x0 <= $x && $x1 <= $x && $x2 <= $x && $x3 <= $x)) {
        return 0;
    }
    if (($x0 > $x && $x1 > $x && $x2 > $x && $x3 > $x) || $depth > 40) {
        return ($y3 > $y) <=> ($y0 > $y);
    }
    [$ax, $ay, $bx, $by, $cx, $cy] = [($x0 + $x1) / 2, ($y0 + $y1) / 2, ($x1 + $x2) / 2, ($y1 + $y2) / 2, ($x2 + $x3) / 2, ($y2 + $y3) / 2];
    [$dx, $dy, $ex, $ey] = [($ax + $bx) / 2, ($ay + $by) / 2, ($bx + $cx) / 2, ($by + $cy) / 2];
    [$fx, $fy] = [($dx + $ex) / 2, ($dy + $ey) / 2];

    return passes([$x0, $y0, $ax, $ay, $dx, $dy, $fx, $fy], $x, $y, $depth + 1) + passes([$fx, $fy, $ex, $ey, $cx, $cy, $x3, $y3], $x, $y, $depth + 1);
}

/** @return list<list<float>> each curve as eight numbers */
function flat(Curves $curves): array
{
    $flat = [];
    foreach ($curves->subpaths as $subpath) {
        for ($i = 0; $i < $subpath->count(); $i++) {
            $curve = $subpath->curve($i);
            $flat[] = [$curve->a->x, $curve->a->y, $curve->b->x, $curve->b->y, $curve->c->x, $curve->c->y, $curve->d->x, $curve->d->y];
        }
    }

    return $flat;
}

/** @param  list<list<float>>  $flat */
function winding(array $flat, float $x, float $y): int
{
    $winding = 0;
    foreach ($flat as $c) {
        $winding += passes($c, $x, $y);
    }

    return $winding;
}

test('what two boxes come to has the area, and only the corners, that it must have', function (Operation $operation, float $area, int $points, int $parts) {
    $result = put(boxed(0, 0, 100, 100), $operation, boxed(60, 40, 100, 100));
    expect($result->area())->toEqualWithDelta($area, 1e-9)->and(pointsOf($result))->toBe($points)->and(count($result->subpaths))->toBe($parts);
})->with([
    'united' => [Operation::Union, 17600.0, 8, 1],
    'the second taken off the first' => [Operation::Subtract, 7600.0, 6, 1],
    'what both have' => [Operation::Intersect, 2400.0, 4, 1],
    'what only one of them has' => [Operation::Exclude, 15200.0, 12, 2],
]);

test('several are put together in their order, each by its own operation', function () {
    $parts = [
        new Operand(boxed(0, 0, 100, 100)),
        new Operand(boxed(50, 0, 100, 100), operation: Operation::Union),
        new Operand(boxed(0, 0, 150, 50), operation: Operation::Subtract),
        new Operand(boxed(20, 0, 100, 100), operation: Operation::Intersect),
        new Operand(boxed(100, 0, 100, 100), operation: Operation::Exclude),
    ];
    // From 20 to 120, the lower half; from 100 to 200 where that is not.
    expect(Algebra::of($parts)->area())->toEqualWithDelta(80 * 50 + 100 * 100 - 20 * 50, 1e-9);
    expect(Algebra::of([])->subpaths)->toBe([])->and(Algebra::of([new Operand(new Curves([]))])->subpaths)->toBe([]);
});

test('curves stay curves: what is cut is the curve that it was, and nothing has more points than it must', function () {
    $moon = put(disc(100, 100, 80), Operation::Subtract, disc(150, 100, 80));
    expect(count($moon->subpaths))->toBe(1)->and(pointsOf($moon))->toBeLessThanOrEqual(6);
    $kappa = 4 / 3 * (M_SQRT2 - 1);
    foreach ($moon->subpaths[0]->nodes as $i => $node) {
        for ($t = 0.0; $t <= 1; $t += 0.125) {
            $at = $moon->subpaths[0]->curve($i)->at($t);
            $off = min(abs(hypot($at->x - 100, $at->y - 100) - 80), abs(hypot($at->x - 150, $at->y - 100) - 80));
            // A quarter of a circle as a cubic curve is so far off (Riškus, "Approximation of a cubic Bézier curve by circular arcs", 2006).
            expect($off)->toBeLessThan(80 * 2.8e-4);
        }
    }
    // A curve that nothing cuts comes back as it was, to the last digit.
    $apart = united(disc(0, 0, 50), disc(200, 0, 50));
    expect($apart->path()->text())->toContain(Number(50 * $kappa));
    expect(pointsOf($apart))->toBe(8);
});

function Number(float $value): string
{
    return Kindred\Geometry\Number::text($value);
}

test('hard cases', function (Curves $one, Operation $operation, Curves $other, float $area, int $parts, ?int $points = null) {
    $result = put($one, $operation, $other);
    expect($result->area())->toEqualWithDelta($area, max(1.0, abs($area)) * 1e-6)->and(count($result->subpaths))->toBe($parts);
    if ($points !== null) {
        expect(pointsOf($result))->toBe($points);
    }
    // The order of the two is no matter, but where one is taken off the other.
    if ($operation !== Operation::Subtract) {
        expect(put($other, $operation, $one)->area())->toEqualWithDelta($area, max(1.0, abs($area)) * 1e-6);
    }
})->with(function () {
    $area = disc(0, 0, 50)->area();
    $square = boxed(0, 0, 100, 100);
    // Vertices on edges, edges on edges, in the kinds of Foster, Hormann and Popa, "Clipping simple polygons with degenerate intersections", 2019.
    yield 'a side in common' => [$square, Operation::Union, boxed(100, 0, 100, 100), 20000, 1, 4];
    yield 'a side in common, nothing else' => [$square, Operation::Intersect, boxed(100, 0, 100, 100), 0, 0];
    yield 'part of a side in common' => [$square, Operation::Union, boxed(100, 30, 50, 40), 12000, 1, 8];
    yield 'part of a side in common, inside' => [$square, Operation::Subtract, boxed(60, 30, 40, 40), 8400, 1, 8];
    yield 'a corner in common' => [$square, Operation::Union, boxed(100, 100, 100, 100), 20000, 2, 8];
    yield 'a corner on a side' => [$square, Operation::Union, shaped('M100 50L150 0L150 100Z'), 12500, 2, 7];
    yield 'corners on three sides, from inside' => [$square, Operation::Subtract, shaped('M100 50L50 0L50 100Z'), 7500, 3];
    yield 'corners on corners, crossing there' => [$square, Operation::Intersect, shaped('M0 0L100 100L100 -100Z'), 5000, 1, 3];
    yield 'a diagonal through both corners' => [$square, Operation::Subtract, shaped('M-50 -50L150 150L150 -50Z'), 5000, 1, 3];
    yield 'itself' => [$square, Operation::Union, $square, 10000, 1, 4];
    yield 'itself taken off' => [$square, Operation::Subtract, $square, 0, 0];
    yield 'itself, begun elsewhere and the other way round' => [$square, Operation::Exclude, shaped('M100 100L100 0L0 0L0 100Z'), 0, 0];
    yield 'a hole' => [$square, Operation::Subtract, boxed(20, 20, 60, 60), 6400, 2, 8];
    yield 'a hole filled by what fits' => [shaped('M0 0H100V100H0ZM20 20V80H80V20Z'), Operation::Union, boxed(20, 20, 60, 60), 10000, 1, 4];
    yield 'one within the other' => [$square, Operation::Union, boxed(20, 20, 60, 60), 10000, 1, 4];
    // Self-crossing outlines and holes, as in Martínez, Rueda and Feito, "A new algorithm for computing Boolean operations on polygons", 2009.
    yield 'a bow tie' => [shaped('M0 0L100 100L100 0L0 100Z'), Operation::Union, boxed(-200, 0, 50, 50), 7500, 3];
    yield 'a spike of no width' => [shaped('M0 0H100V100H50V200V100H0Z'), Operation::Union, boxed(0, 100, 100, 50), 15000, 1, 4];
    yield 'twice round' => [shaped('M0 0H100V100H0V0H100V100H0Z'), Operation::Subtract, boxed(0, 0, 50, 100), 5000, 1, 4];
    yield 'nothing but a line' => [shaped('M0 0L100 100Z'), Operation::Union, $square, 10000, 1, 4];
    yield 'nothing but a point' => [shaped('M5 5L5 5L5 5Z'), Operation::Union, $square, 10000, 1, 4];
    // Curves on curves.
    yield 'the same circle' => [disc(0, 0, 50), Operation::Union, disc(0, 0, 50), $area, 1, 4];
    yield 'the same circle taken off' => [disc(0, 0, 50), Operation::Subtract, disc(0, 0, 50), 0, 0];
    yield 'the same circle, run the other way' => [disc(0, 0, 50), Operation::Exclude, new Curves(array_map(fn (Subpath $one): Subpath => $one->reversed(), disc(0, 0, 50)->subpaths)), 0, 0];
    yield 'the same circle with more points' => [disc(0, 0, 50), Operation::Exclude, new Curves([disc(0, 0, 50)->subpaths[0]->divided(1, 0.37)->divided(0, 0.7)]), 0, 0];
    yield 'circles that touch from outside' => [disc(0, 0, 50), Operation::Union, disc(100, 0, 50), 2 * $area, 2];
    yield 'circles that touch from inside' => [disc(0, 0, 50), Operation::Subtract, disc(25, 0, 25), $area * 0.75, 1];
    yield 'a circle in a square that it touches four times' => [boxed(-50, -50, 100, 100), Operation::Subtract, disc(0, 0, 50), 10000 - $area, 4];
    yield 'a circle and half of it' => [disc(0, 0, 50), Operation::Subtract, boxed(-50, 0, 100, 50), $area / 2, 1, 3];
    yield 'rounded boxes side by side' => [boxed(0, 0, 100, 100, 20), Operation::Union, boxed(100, 0, 100, 100, 20), 2 * boxed(0, 0, 100, 100, 20)->area(), 1];
    yield 'rounded boxes on each other' => [boxed(0, 0, 100, 100, 20), Operation::Intersect, boxed(0, 0, 200, 100, 20), 10000 - (10000 - boxed(0, 0, 100, 100, 20)->area()), 1];
    yield 'one curve that crosses itself' => [shaped('M0 0C150 100 -50 100 100 0Z'), Operation::Subtract, boxed(0, -50, 50, 200), Algebra::of([new Operand(shaped('M0 0C150 100 -50 100 100 0Z'))])->area() / 2, 2];
    yield 'a cusp' => [shaped('M0 0C100 100 0 100 100 0Z'), Operation::Intersect, boxed(0, 0, 50, 100), shaped('M0 0C100 100 0 100 100 0Z')->area() === 0.0 ? 0 : abs(shaped('M0 0C100 100 0 100 100 0Z')->area()) / 2, 1];
    // What was turned or reckoned is off by the last digits.
    yield 'a square turned by next to nothing' => [$square, Operation::Union, shaped('M0 1e-12L100 0L100.0000000001 100L0 99.99999999999Z'), 10000, 1, 4];
    yield 'a side in common, but for the last digits' => [$square, Operation::Union, shaped('M99.99999999999 0L200 0L200 100L100.00000000001 100Z'), 20000, 1, 4];
    yield 'far away' => [boxed(900000, 900000, 100, 100), Operation::Union, boxed(900060, 900040, 100, 100), 17600, 1, 8];
});

test('both fill rules say what is inside of an outline that crosses itself', function () {
    $star = shaped('M50 0L79.389 90.451L2.447 34.549L97.553 34.549L20.611 90.451Z');
    $all = Algebra::of([new Operand($star)]);
    $without = Algebra::of([new Operand($star, evenOdd: true)]);
    expect(pointsOf($all))->toBe(10)->and(count($all->subpaths))->toBe(1)->and(count($without->subpaths))->toBe(5);
    expect($all->area() - $without->area())->toEqualWithDelta(Algebra::of([new Operand($without), new Operand($all, operation: Operation::Exclude)])->area(), 1e-6);
});

test('a field of four hundred boxes becomes one, and four hundred circles stay', function () {
    $boxes = $discs = [];
    foreach (range(0, 399) as $i) {
        $boxes[] = new Operand(boxed(10.1 * ($i % 20), 10.1 * intdiv($i, 20), 10.1, 10.1));
        $discs[] = new Operand(disc(10.1 * ($i % 20), 10.1 * intdiv($i, 20), 5.05));
    }
    $field = Algebra::of($boxes);
    expect(pointsOf($field))->toBe(4)->and($field->area())->toEqualWithDelta(202 * 202, 1e-6);
    expect(Algebra::of($discs)->area())->toEqualWithDelta(400 * disc(0, 0, 5.05)->area(), 1e-3);
});

test('pairs at random: areas fit together, and every place is inside of what it must be', function (int $part) {
    $seed = (int) (getenv('KINDRED_SEED') ?: 1);
    $random = new Random\Randomizer(new Random\Engine\Mt19937(1000 * $seed + $part));
    $number = fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000_000) / 1e9;
    // Lines, curves or both, at places of a grid, where much coincides, or anywhere.
    $shape = function () use ($random, $number): string {
        [$kind, $grid, $text] = [$random->getInt(0, 2), $random->getInt(0, 2) === 0, ''];
        $place = fn (): string => $grid ? 20 * $random->getInt(0, 5).' '. 20 * $random->getInt(0, 5) : round($number(0, 100), 3).' '.round($number(0, 100), 3);
        for ($subpaths = $random->getInt(1, 2); $subpaths > 0; $subpaths--) {
            $text .= 'M'.$place();
            for ($count = $random->getInt(2, 7); $count > 0; $count--) {
                $text .= $kind === 0 || ($kind === 1 && $random->getInt(0, 1) === 0) ? 'L'.$place() : "C{$place()} {$place()} {$place()}";
            }
            $text .= 'Z';
        }

        return $text;
    };
    foreach (range(1, 60 * (int) (getenv('KINDRED_ROUNDS') ?: 1)) as $i) {
        [$a, $b, $rules] = [$shape(), $shape(), [$random->getInt(0, 1) === 0, $random->getInt(0, 1) === 0]];
        $both = [shaped($a), shaped($b)];
        // What both have, and in turn each of the others.
        $other = [Operation::Union, Operation::Subtract, Operation::Exclude][$i % 3];
        $results = [];
        foreach ([Operation::Intersect, $other] as $operation) {
            $results[$operation->value] = Algebra::of([new Operand($both[0], $rules[0]), new Operand($both[1], $rules[1], $operation)]);
        }
        [$common, $area] = [$results['intersect']->area(), $results[$other->value]->area()];
        [$one, $two] = array_map(fn (Curves $shape, bool $rule): float => Algebra::of([new Operand($shape, $rule)])->area(), $both, $rules);
        $said = "seed {$seed}, part {$part}, pair {$i}: {$a} ".($rules[0] ? 'even-odd' : 'non-zero').", {$b} ".($rules[1] ? 'even-odd' : 'non-zero');
        $wanted = ['union' => $one + $two - $common, 'subtract' => $one - $common, 'exclude' => $one + $two - 2 * $common][$other->value];
        expect($area)->toEqualWithDelta($wanted, 1e-6 * max(1.0, $one + $two), $said);
        [$flat, $results] = [array_map(flat(...), $both), array_map(flat(...), $results)];
        for ($k = 0; $k < 200; $k++) {
            [$x, $y] = [$number(-2, 102), $number(-2, 102)];
            $in = array_map(fn (array $shape, bool $rule): bool => $rule ? winding($shape, $x, $y) % 2 !== 0 : winding($shape, $x, $y) !== 0, $flat, $rules);
            foreach ($results as $name => $result) {
                $winding = winding($result, $x, $y);
                if ($winding !== (int) Operation::from($name)->inside(...$in)) {
                    // Only right on an outline, where what is inside is not decided.
                    $around = array_map(fn (array $off): array => array_map(fn (array $shape): int => winding($shape, $x + $off[0], $y + $off[1]), $flat), [[1e-5, 0], [-1e-5, 0], [0, 1e-5], [0, -1e-5]]);
                    expect(count(array_unique($around, SORT_REGULAR)))->toBeGreaterThan(1, "{$said}, {$name} at {$x} {$y}: {$winding}");
                }
            }
        }
    }
})->with(range(1, 8));
