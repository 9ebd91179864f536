<?php

declare(strict_types=1);

use Kindred\Chart\Line;
use Kindred\Document\Chart\Curve;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

it('goes through every point, and a smooth one rises and falls only where they do', function (): void {
    mt_srand(7);
    for ($run = 0; $run < 300; $run++) {
        $x = 0.0;
        $points = [];
        for ($i = 0, $many = mt_rand(2, 12); $i < $many; $i++) {
            $points[] = new Point($x += mt_rand(1, 60), (float) mt_rand(0, $run % 3 === 0 ? 3 : 200));
        }
        [$subpath] = Curves::of(PathData::parse(Line::through($points, Curve::Smooth)))->subpaths;
        expect($subpath->count())->toBe(count($points) - 1);
        for ($i = 0; $i < $subpath->count(); $i++) {
            $curve = $subpath->curve($i);
            expect($curve->a->minus($points[$i])->length())->toBeLessThan(0.002)->and($curve->d->minus($points[$i + 1])->length())->toBeLessThan(0.002);
            // The numbers of a path have three decimals.
            for ($t = 1, $before = $curve->a; $t <= 20; $t++, $before = $at) {
                $at = $curve->at($t / 20);
                expect(($at->y - $before->y) * ($points[$i + 1]->y <=> $points[$i]->y))->toBeGreaterThan(-0.003)
                    ->and($points[$i + 1]->y === $points[$i]->y ? abs($at->y - $points[$i]->y) : 0.0)->toBeLessThan(0.003)
                    ->and($at->x)->toBeGreaterThan($before->x);
            }
        }
    }
});

it('goes straight, or in steps halfway between points, and back the same way', function (): void {
    $points = [new Point(0, 10), new Point(20, 30), new Point(40, 0)];
    expect(Line::through($points, Curve::Straight))->toBe('M0 10L20 30L40 0')
        ->and(Line::through($points, Curve::Steps))->toBe('M0 10L10 10L10 30L20 30L30 30L30 0L40 0')
        ->and(Line::through($points, Curve::Straight).Line::back($points, Curve::Straight))->toBe('M0 10L20 30L40 0L40 0L20 30L0 10')
        ->and(Line::through([$points[0]], Curve::Smooth))->toBe('M0 10')->and(Line::through([], Curve::Smooth))->toBe('');
    foreach (Curve::cases() as $curve) {
        expect(abs(Curves::of(PathData::parse(Line::through($points, $curve).Line::back($points, $curve).'Z'))->area()))->toBeLessThan(1e-9);
    }
});
