<?php

declare(strict_types=1);

use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;

it('goes around boxes', function (): void {
    $around = Box::around(new Box(10, -5, 20, 10), new Box(0, 0, 5, 40), new Box(28, 1, 0, 0));
    expect([$around?->x, $around?->y, $around?->width, $around?->height])->toBe([0.0, -5.0, 30.0, 45.0])
        ->and(Box::around())->toBeNull();
});

it('goes around points as around boxes without a size', function (): void {
    $points = [new Point(10, -5), new Point(-3, 40), new Point(28, 1)];
    expect(Box::of($points))->toEqual(Box::around(...array_map(fn (Point $one): Box => new Box($one->x, $one->y, 0, 0), $points)))
        ->and(Box::of([new Point(4, 7)]))->toEqual(new Box(4, 7, 0, 0));
});

it('turns about its middle', function (float $degrees, array $bounds): void {
    $turned = (new Box(10, 20, 100, 40))->turned($degrees);
    expect([$turned->x, $turned->y, $turned->width, $turned->height])->toEqualWithDelta($bounds, 0.001);
})->with([
    [0, [10, 20, 100, 40]], [360, [10, 20, 100, 40]], [-720, [10, 20, 100, 40]],
    [90, [40, -10, 40, 100]], [180, [10, 20, 100, 40]], [270, [40, -10, 40, 100]],
    // 45°: both sides are (100 + 40) / √2.
    [45, [60 - 49.497, 40 - 49.497, 98.995, 98.995]], [-45, [60 - 49.497, 40 - 49.497, 98.995, 98.995]],
]);

it('never takes up less room turned than the box that it holds', function (): void {
    mt_srand(7);
    for ($i = 0; $i < 200; $i++) {
        $box = new Box(mt_rand(-500, 500), mt_rand(-500, 500), mt_rand(0, 400), mt_rand(0, 400));
        $degrees = mt_rand(-3600, 3600) / 10;
        $bounds = $box->turned($degrees);
        $centre = $box->centre();
        foreach ([[$box->x, $box->y], [$box->right(), $box->y], [$box->right(), $box->bottom()], [$box->x, $box->bottom()]] as [$x, $y]) {
            $corner = (new Point($x, $y))->minus($centre)->turned($degrees)->plus($centre);
            expect($corner->x)->toBeBetween($bounds->x - 0.001, $bounds->right() + 0.001)
                ->and($corner->y)->toBeBetween($bounds->y - 0.001, $bounds->bottom() + 0.001);
        }
    }
});

it('turns points clockwise on screen, where y runs down', function (): void {
    $point = (new Point(10, 0))->turned(90);
    expect([$point->x, $point->y])->toEqualWithDelta([0.0, 10.0], 1e-9);
});

it('writes numbers as SVG takes them', function (float $value, string $text): void {
    expect(Number::text($value))->toBe($text);
})->with([[0.0, '0'], [-0.0, '0'], [-0.0004, '0'], [1.0, '1'], [-12.5, '-12.5'], [1 / 3, '0.333'], [99999.9996, '100000'], [1e-9, '0'], [12345678.9, '12345678.9'], [100.0, '100'], [2.50, '2.5']]);
