<?php

declare(strict_types=1);

use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Handle;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

function curves(string $d): Curves
{
    return Curves::of(PathData::parse($d));
}

/** @return list<Point> so many places along a path, evenly in every curve */
function along(Curves $path, int $each = 40): array
{
    $out = [];
    foreach ($path->subpaths as $subpath) {
        for ($i = 0; $i < $subpath->count(); $i++) {
            foreach (range(0, $each) as $k) {
                $out[] = $subpath->curve($i)->at($k / $each);
            }
        }
    }

    return $out;
}

/** How far the furthest point of one path is from the other, px. */
function apart(Curves $one, Curves $other): float
{
    $far = 0.0;
    $near = along($other, 400);
    foreach (along($one, 10) as $point) {
        $far = max($far, min(array_map(fn (Point $at): float => $at->minus($point)->length(), $near)));
    }

    return $far;
}

$wave = 'M0 50C20 0 40 0 60 50C80 100 100 100 120 50L120 120L0 120Z';

it('reads a path as points with handles, and writes it as it was', function (string $d, string $nodes, ?string $written = null): void {
    $said = [];
    foreach (curves($d)->subpaths as $subpath) {
        $said[] = ($subpath->closed ? 'closed ' : 'open ').implode(' ', array_map(fn (Node $node): string => $node->isSmooth() ? 's' : ($node->in !== null || $node->out !== null ? 'h' : 'c'), $subpath->nodes));
    }
    expect(implode('; ', $said))->toBe($nodes)->and(curves($d)->path()->text())->toBe($written ?? $d);
})->with([
    'lines' => ['M0 0L10 0L10 10', 'open c c c'],
    'closed by a line' => ['M0 0L10 0L10 10Z', 'closed c c c'],
    // The point that a closed path ends in is the one that it began in.
    'closed where it began' => ['M0 0L10 0L10 10L0 0Z', 'closed c c c', 'M0 0L10 0L10 10Z'],
    'a circle' => ['M0 10C0 4.477 4.477 0 10 0C15.523 0 20 4.477 20 10C20 15.523 15.523 20 10 20C4.477 20 0 15.523 0 10Z', 'closed s s s s'],
    'a wave on lines' => [$wave, 'closed h s h c c'],
    'two parts' => ['M0 0L10 0L5 8ZM20 0L30 0', 'closed c c c; open c c'],
    'what goes on after a closing' => ['M0 0L10 0L5 8ZL0 20', 'closed c c c; open c c', 'M0 0L10 0L5 8ZM0 0L0 20'],
    'a line without length' => ['M0 0L10 0L10 0L10 10', 'open c c c', 'M0 0L10 0L10 10'],
    'nothing but moves' => ['M0 0M5 5', '', ''],
    'handles on their points' => ['M0 0C0 0 10 10 10 10', 'open c c', 'M0 0L10 10'],
]);

it('adds a point without a change of the look, and takes it back as if it had not been', function (int $after, float $t) use ($wave): void {
    $path = curves($wave);
    $more = $path->with(0, $path->subpaths[0]->divided($after, $t));
    expect(count($more->subpaths[0]->nodes))->toBe(6)->and(apart($more, $path))->toBeLessThan(0.2)->and(apart($path, $more))->toBeLessThan(0.2);
    $back = $more->without([[0, $after + 1]]);
    expect($back->path()->text())->toBe($path->path()->text());
})->with([[0, 0.5], [0, 0.3], [1, 0.8], [2, 0.5], [4, 0.25]]);

it('turns the other handle of a smooth point, and leaves it when they are pulled apart', function (): void {
    $node = new Node(new Point(10, 10), new Point(5, 10), new Point(20, 10));
    $turned = $node->pulled(Handle::Out, new Point(10, 14), false);
    expect($turned->isSmooth())->toBeTrue()->and($turned->in)->toEqualWithDelta(new Point(10, 5), 1e-9)
        ->and($node->pulled(Handle::Out, new Point(10, 14), true)->in)->toEqual(new Point(5, 10))
        // Those of a corner are by themselves.
        ->and((new Node(new Point(0, 0), new Point(-5, 5), new Point(5, 5)))->pulled(Handle::In, new Point(-9, 0), false)->out)->toEqual(new Point(5, 5))
        // Pulled onto its point it is none.
        ->and($node->pulled(Handle::In, new Point(10, 10), false)->in)->toBeNull();
});

it('makes a point smooth between its neighbours, and a corner again', function (): void {
    $path = curves('M0 0L30 30L60 0');
    $smooth = $path->changed([[0, 1]], fn (Node $node): Node => $node->smooth(new Point(0, 0), new Point(60, 0)));
    $node = $smooth->subpaths[0]->nodes[1];
    expect($node->isSmooth())->toBeTrue()->and($node->in?->y)->toEqualWithDelta(30, 1e-9)->and($node->out?->x)->toEqualWithDelta(30 + hypot(30, 30) / 3, 1e-9)
        ->and($smooth->changed([[0, 1]], fn (Node $one): Node => $one->corner())->path()->text())->toBe('M0 0L30 30L60 0')
        // A point where two neighbours lie in one place has no direction.
        ->and((new Node(new Point(5, 5)))->smooth(new Point(0, 0), new Point(0, 0))->isSmooth())->toBeFalse();
});

it('bends a curve so that the place goes where it is pulled', function (float $t): void {
    foreach ([new Cubic(new Point(0, 0), new Point(10, 30), new Point(40, 30), new Point(50, 0)), Cubic::line(new Point(0, 0), new Point(60, 20))] as $curve) {
        expect($curve->bent($t, new Point(4, -7))->at($t))->toEqualWithDelta($curve->at($t)->plus(new Point(4, -7)), 1e-9);
    }
})->with([0.05, 0.3, 0.5, 0.95]);

it('is cut open, closed, joined and turned round', function (): void {
    $square = curves('M0 0L10 0L10 10L0 10Z');
    expect($square->cut([[0, 1]])->path()->text())->toBe('M10 0L10 10L0 10L0 0L10 0')
        ->and($square->cut([[0, 1], [0, 3]])->path()->text())->toBe('M10 0L10 10L0 10M0 10L0 0L10 0')
        ->and($square->cut([[0, 1]])->joined([0, 0], [0, 4])->path()->text())->toBe('M10 0L10 10L0 10L0 0Z');
    $parts = curves('M0 0L10 0M30 0L20 0M40 0L50 0');
    expect($parts->cut([[0, 0]])->path()->text())->toBe('M0 0L10 0M30 0L20 0M40 0L50 0')
        ->and($parts->joined([0, 1], [1, 1])->path()->text())->toBe('M0 0L10 0L20 0L30 0M40 0L50 0')
        ->and($parts->joined([2, 0], [1, 0])->path()->text())->toBe('M0 0L10 0M20 0L30 0L40 0L50 0')
        ->and($parts->joined([0, 0], [2, 1])->path()->text())->toBe('M10 0L0 0L50 0L40 0M30 0L20 0')
        // Ends in one place become one point.
        ->and(curves('M0 0L10 0M10 0L20 5')->joined([0, 1], [1, 0])->path()->text())->toBe('M0 0L10 0L20 5');
    $wave = curves('M0 0C0 10 10 10 10 0L20 0');
    expect($wave->with(0, $wave->subpaths[0]->reversed())->path()->text())->toBe('M20 0L10 0C10 10 0 10 0 0');
});

it('loses points, and parts of which one point is left', function () use ($wave): void {
    expect(curves($wave)->without([[0, 1], [0, 3], [0, 4]])->path()->text())->toStartWith('M0 50')->and(count(curves($wave)->without([[0, 1], [0, 3], [0, 4]])->subpaths[0]->nodes))->toBe(2)
        ->and(curves('M0 0L10 0L5 8ZM20 0L30 0')->without([[1, 0]])->path()->text())->toBe('M0 0L10 0L5 8Z')
        ->and(curves('M0 0L10 0')->without([[0, 0], [0, 1]])->subpaths)->toBe([]);
});

it('rounds corners as CSS rounds those of boxes, and as far as there is room', function (string $d, float $radius, string $rounded): void {
    expect(curves($d)->rounded($radius)->path()->text())->toBe($rounded);
})->with([
    'a box' => ['M0 0L100 0L100 60L0 60Z', 10, 'M0 10C0 4.477 4.477 0 10 0L90 0C95.523 0 100 4.477 100 10L100 50C100 55.523 95.523 60 90 60L10 60C4.477 60 0 55.523 0 50Z'],
    'more than there is room for' => ['M0 0L100 0L100 60L0 60Z', 999, 'M0 30C0 13.431 13.431 0 30 0L70 0C86.569 0 100 13.431 100 30C100 46.569 86.569 60 70 60L30 60C13.431 60 0 46.569 0 30Z'],
    'an open one keeps its ends' => ['M0 0L100 0L100 60', 8, 'M0 0L92 0C96.418 0 100 3.582 100 8L100 60'],
    'what goes straight on' => ['M0 0L50 0L100 0', 9, 'M0 0L50 0L100 0'],
    'what goes straight back' => ['M0 0L50 0L0 0', 9, 'M0 0L50 0L0 0'],
    'what is smooth' => ['M0 10C0 4.477 4.477 0 10 0C15.523 0 20 4.477 20 10', 5, 'M0 10C0 4.477 4.477 0 10 0C15.523 0 20 4.477 20 10'],
    'nothing' => ['M0 0L9 0L9 9Z', 0, 'M0 0L9 0L9 9Z'],
]);

it('leaves no sharp corner between curves either', function (int $seed): void {
    mt_srand($seed);
    $n = fn (): int => mt_rand(0, 200);
    $d = "M{$n()} {$n()}".implode('', array_map(fn (int $i): string => $i % 2 === 0 ? "C{$n()} {$n()} {$n()} {$n()} {$n()} {$n()}" : "L{$n()} {$n()}", range(1, 6))).'Z';
    $path = curves($d)->rounded(6);
    foreach ($path->subpaths as $subpath) {
        for ($i = 0; $i < $subpath->count(); $i++) {
            [$in, $out] = [$subpath->curve($i)->reversed()->direction(), $subpath->curve(($i + 1) % $subpath->count())->direction()];
            $turn = $in === null || $out === null ? 0.0 : abs(rad2deg(atan2($in->times(-1)->cross($out), $in->times(-1)->dot($out))));
            // Only what goes all the way back cannot be rounded.
            expect($turn < 3 || $turn > 177)->toBeTrue("{$turn} degrees in {$path->path()->text()}");
        }
    }
    // It stays where it was: no further off than a corner cuts.
    expect(apart($path, curves($d)))->toBeLessThan(40);
})->with(range(1, 12));
