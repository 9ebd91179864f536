<?php

declare(strict_types=1);

use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Unpinned;
use Kindred\Geometry\Box;

function room(float $width, float $height): Box
{
    return new Box(0, 0, $width, $height);
}

/** @return list<float> */
function sides(Box $box): array
{
    return array_map(fn (float $side): float => round($side, 3), [$box->x, $box->y, $box->width, $box->height]);
}

it('holds a layer to the edges that are on, as CSS insets do', function (Pins $pins, array $expected): void {
    expect(sides($pins->hold(new Box(20, 30, 100, 50), room(200, 100), room(300, 160))))->toEqual($expected);
})->with([
    'the corner at the start' => [new Pins(left: true, top: true), [20, 30, 100, 50]],
    'right and bottom: 80 and 20 px away' => [new Pins(right: true, bottom: true), [120, 90, 100, 50]],
    'all four: as much larger as the parent' => [new Pins(left: true, right: true, top: true, bottom: true), [20, 30, 200, 110]],
    'neither: as far from the middle' => [new Pins, [70, 60, 100, 50]],
    'neither, in proportion' => [new Pins(horizontal: Unpinned::Proportion, vertical: Unpinned::Proportion), [30, 48, 150, 80]],
    'one axis each' => [new Pins(right: true, vertical: Unpinned::Proportion), [120, 48, 100, 80]],
]);

it('gives the same over several sizes as at once, and comes back to where it was', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 300; $i++) {
        $pins = new Pins(...array_map(fn (): bool => mt_rand(0, 1) === 1, range(0, 3)), ...[
            'horizontal' => Unpinned::cases()[mt_rand(0, 1)], 'vertical' => Unpinned::cases()[mt_rand(0, 1)],
        ]);
        // Large enough that nothing is pressed to nought on the way.
        $box = new Box(mt_rand(0, 100), mt_rand(0, 100), mt_rand(400, 500), mt_rand(400, 500));
        [$first, $second, $third] = array_map(fn (): Box => room(mt_rand(700, 1000), mt_rand(700, 1000)), range(0, 2));
        $steps = $pins->hold($pins->hold($box, $first, $second), $second, $third);
        $once = $pins->hold($box, $first, $third);
        $back = $pins->hold($once, $third, $first);
        foreach ([[$steps, $once], [$back, $box]] as [$one, $other]) {
            expect(max(array_map(fn (float $a, float $b): float => abs($a - $b), sides($one), sides($other))))->toBeLessThan(0.01);
        }
    }
});

it('never makes a size less than nothing', function (): void {
    $box = (new Pins(left: true, right: true, top: true, bottom: true))->hold(new Box(40, 40, 100, 100), room(200, 200), room(50, 90));
    expect([$box->width, $box->height])->toBe([0.0, 0.0]);
});
