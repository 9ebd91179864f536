<?php

declare(strict_types=1);

use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeCap;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Document\Style\StrokeMark;
use Kindred\Document\Style\StrokeOutline;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

function inked(float $width, StrokeCap $cap = StrokeCap::Round, StrokeJoin $join = StrokeJoin::Round, mixed ...$more): Stroke
{
    return new Stroke(new Solid(Colour::rgb(0, 0, 0)), $width, ...['cap' => $cap, 'join' => $join] + $more);
}

function outlined(string $d, Stroke $stroke): Curves
{
    return StrokeOutline::of(Curves::of(PathData::parse($d)), $stroke, true);
}

/** @return list<Point> places along a path, so near to each other that lines between them are the path */
function dense(Curves $curves): array
{
    $points = [];
    foreach ($curves->subpaths as $subpath) {
        for ($i = 0; $i < $subpath->count(); $i++) {
            for ($k = 0; $k <= 120; $k++) {
                $points[] = $subpath->curve($i)->at($k / 120);
            }
        }
    }

    return $points;
}

/** How often a polygon through these places goes round another, by the angles that it is seen under. */
function turnsAround(Curves $curves, float $x, float $y): int
{
    $turns = 0.0;
    foreach ($curves->subpaths as $subpath) {
        $points = dense(new Curves([$subpath]));
        foreach ($points as $i => $point) {
            $next = $points[($i + 1) % count($points)];
            [$a, $b] = [$point->minus(new Point($x, $y)), $next->minus(new Point($x, $y))];
            $turns += atan2($a->cross($b), $a->dot($b));
        }
    }

    return (int) round($turns / 2 / M_PI);
}

test('a round stroke is all that lies no further from its path than half its width', function (string $d, float $width) {
    $path = Curves::of(PathData::parse($d));
    $outline = StrokeOutline::of($path, inked($width), true);
    $points = dense($path);
    mt_srand(7);
    for ($i = 0; $i < 80; $i++) {
        // Near the path, where it is decided.
        $from = $points[mt_rand(0, count($points) - 1)];
        $place = $from->plus((new Point($width * mt_rand(0, 1000) / 1000, 0))->turned(mt_rand(0, 359)));
        $far = min(array_map(fn (Point $point): float => $point->minus($place)->length(), $points));
        if (abs($far - $width / 2) > 0.15) {
            expect(turnsAround($outline, $place->x, $place->y))->toBe($far < $width / 2 ? 1 : 0, "{$d} at {$place->x} {$place->y}");
        }
    }
})->with([
    'a wave' => ['M20 60C60 0 80 120 140 40', 18],
    'a hairpin bend, narrower than the stroke' => ['M20 60C120 -20 20 140 100 60', 30],
    'one that crosses itself' => ['M20 60C180 -40 -40 -40 120 60', 12],
    'a sharp corner' => ['M20 20L120 30L40 40', 16],
    'there and back' => ['M20 20L120 20L60 20', 16],
    'a closed shape' => ['M20 20C80 -20 120 80 60 90L20 60Z', 14],
    'handles that lie on their points' => ['M20 50C20 50 90 20 90 80L20 52', 20],
]);

test('ends and corners are cut, squared and pointed as SVG has them', function (string $d, Stroke $stroke, float $area) {
    expect(outlined($d, $stroke)->area())->toEqualWithDelta($area, 0.05);
})->with([
    'plain ends' => ['M0 0L100 0', inked(10, StrokeCap::Butt), 1000.0],
    'square ends' => ['M0 0L100 0', inked(10, StrokeCap::Square), 1100.0],
    'round ends' => ['M0 0L100 0', inked(10), 1000 + M_PI * 25],
    'a pointed corner' => ['M0 0L100 0L100 100', inked(10, StrokeCap::Butt, StrokeJoin::Miter), 2000.0],
    'a cut corner' => ['M0 0L100 0L100 100', inked(10, StrokeCap::Butt, StrokeJoin::Bevel), 2000 - 12.5],
    'a round corner' => ['M0 0L100 0L100 100', inked(10, StrokeCap::Butt), 2000 - 25 + M_PI * 25 / 4],
    // Its point would be longer than four widths: it is cut off.
    'too pointed a corner' => ['M0 0L100 0L0 20', inked(4, StrokeCap::Butt, StrokeJoin::Miter), outlined('M0 0L100 0L0 20', inked(4, StrokeCap::Butt, StrokeJoin::Bevel))->area()],
    'dashes' => ['M0 0L100 0', inked(10, StrokeCap::Butt, StrokeJoin::Round, dash: [20.0, 10.0]), 700.0],
    'an odd number of dashes is repeated' => ['M0 0L100 0', inked(10, StrokeCap::Butt, StrokeJoin::Round, dash: [30.0]), 600.0],
    'inside' => ['M0 0H100V100H0Z', inked(10, StrokeCap::Butt, StrokeJoin::Miter, position: StrokePosition::Inside), 3600.0],
    'outside' => ['M0 0H100V100H0Z', inked(10, StrokeCap::Butt, StrokeJoin::Miter, position: StrokePosition::Outside), 4400.0],
    'a dot at its end' => ['M0 0L100 0', inked(4, StrokeCap::Butt, StrokeJoin::Round, end: StrokeMark::Dot), 400 + M_PI * 49 - 27.614 + 0.03],
]);

test('edges move outwards and inwards by a distance, and curves stay curves', function () {
    $disc = Curves::of(PathData::parse('M0 50A50 50 0 0 1 100 50A50 50 0 0 1 0 50Z'));
    expect(StrokeOutline::offset($disc, 10, StrokeJoin::Round)->area())->toEqualWithDelta(M_PI * 3600, 4)
        ->and(StrokeOutline::offset($disc, -10, StrokeJoin::Round)->area())->toEqualWithDelta(M_PI * 1600, 3)
        ->and(StrokeOutline::offset($disc, -60, StrokeJoin::Round)->subpaths)->toBe([]);
    // A dumb-bell falls into two where it is thin.
    $bar = Curves::of(PathData::parse('M0 0H40V15H100V0H140V40H100V25H40V40H0Z'));
    expect(count(StrokeOutline::offset($bar, -6, StrokeJoin::Miter)->subpaths))->toBe(2);
});

test('what a hand scribbles is outlined, too; what crosses itself without end is refused', function () {
    mt_srand(3);
    [$x, $y, $angle, $d] = [200.0, 200.0, 0.0, 'M200 200'];
    for ($i = 0; $i < 400; $i++) {
        $angle += (mt_rand(0, 100) - 50) / 60;
        [$x, $y] = [$x + 2 * cos($angle), $y + 2 * sin($angle)];
        $d .= 'L'.round($x, 2).' '.round($y, 2);
    }
    expect(outlined($d, inked(8))->area())->toBeGreaterThan(800)->toBeLessThan(7000);
    $d = 'M0 0';
    for ($i = 0; $i < 400; $i++) {
        $d .= 'L'.mt_rand(0, 400).' '.mt_rand(0, 400);
    }
    expect(fn () => StrokeOutline::offset(Curves::of(PathData::parse($d.'Z')), 2, StrokeJoin::Miter))->toThrow(InvalidInput::class, 'cross each other too often');
});
