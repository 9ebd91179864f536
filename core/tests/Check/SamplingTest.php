<?php

declare(strict_types=1);

use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Tests\Check\Planted;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** @param  list<array<string, mixed>>  $layers */
function sampledScene(array $layers): Scene
{
    $tree = (new Planted)->screen('screen', $layers, ['ground' => '#faf6ef'])->tree();

    return new Scene($tree, $tree->screen('screen'), Planted::eyes());
}

/**
 * Each ground with what is seen upon it, once.
 *
 * @param  list<array{Colour, Colour}>|null  $pairs
 * @return list<string>|null
 */
function pairsOf(?array $pairs): ?array
{
    if ($pairs === null) {
        return null;
    }
    $told = array_values(array_unique(array_map(fn (array $pair): string => $pair[0]->toHex().' '.$pair[1]->toHex(), $pairs)));
    sort($told);

    return $told;
}

it('tells of an area what each of its points tells alone, whatever lies there', function (int $seed): void {
    $random = new Randomizer(new Xoshiro256StarStar($seed));
    $number = fn (int $from, int $to): float => (float) $random->getInt($from, $to);
    $one = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $colours = ['#17594f', '#b4472e80', '#ffffff', '#22222240', '#e3c9a8'];
    $fill = fn (): array => $one([
        ['colour' => $one($colours)], ['colour' => $one($colours), 'opacity' => 0.5], ['colour' => $one($colours), 'hidden' => true],
        ['kind' => 'linear', 'stops' => [['at' => 0, 'colour' => '#ffffff'], ['at' => 1, 'colour' => '#17594f']]],
    ]);
    $place = fn (): array => ['x' => $number(0, 160), 'y' => $number(0, 100), 'width' => $number(10, 200), 'height' => $number(10, 120), 'rotation' => $one([0, 0, 0, 30])];
    $layer = function (int $deep) use (&$layer, $one, $place, $fill, $random): array {
        $fills = array_map($fill, range(1, $random->getInt(1, 2)));
        $more = $place() + ['opacity' => $one([1, 1, 1, 0.6])];

        return match ($one($deep > 0 ? ['box', 'box', 'ellipse', 'group', 'holder', 'blurred'] : ['box', 'box', 'ellipse'])) {
            'ellipse' => ['kind' => 'ellipse', 'fills' => $fills] + $more,
            'group' => ['kind' => 'group', 'children' => array_map(fn (): array => $layer($deep - 1), range(0, 2))] + $more,
            'holder' => ['kind' => 'stack', 'fills' => $fills, 'children' => [$layer($deep - 1)]] + $more,
            'blurred' => ['kind' => 'box', 'fills' => $fills, 'effects' => [['kind' => 'blur', 'radius' => 2]]] + $more,
            default => ['kind' => 'box', 'fills' => $fills] + $more,
        };
    };
    $layers = array_map(fn (): array => $layer(2), range(1, $random->getInt(1, 5)));
    array_splice($layers, $random->getInt(0, count($layers)), 0, [Planted::text('Said', 'Glaze firing on Thursday', 40, 60, 160)]);
    $scene = sampledScene($layers);
    $said = array_values(array_filter($scene->seen, fn (Placed $placed): bool => $placed->layer->name === 'Said'))[0];
    $colour = Colour::parse('#3a2b20');
    foreach ([[40, 60, 30, 6], [90, 64, 8, 8], [60, 62, 100, 10]] as [$x, $y, $width, $height]) {
        $points = [];
        for ($i = 0; $i < 5; $i++) {
            foreach ([0.25, 0.75] as $down) {
                $points[] = new Point($x + $width * ($i + 0.5) / 5, $y + $height * $down);
            }
        }
        $each = [];
        foreach ($points as $point) {
            $pairs = $scene->sampling()->of($said, $colour, [$point]);
            $each = $pairs === null || $each === null ? null : [...$each, ...$pairs];
        }
        expect(pairsOf($scene->sampling()->of($said, $colour, $points)))->toBe(pairsOf($each));
    }
})->with(range(1, 60));

it('sees the edge of a card behind words, and nothing of what is drawn over them', function (array $layers, array $pairs, int $second = 150): void {
    $scene = sampledScene([...$layers, Planted::text('Said', 'Kiln', 40, 60, 160)]);
    $said = array_values(array_filter($scene->seen, fn (Placed $placed): bool => $placed->layer->name === 'Said'))[0];
    expect(pairsOf($scene->sampling()->of($said, Colour::parse('#000000'), [new Point($second, 65), new Point(50, 65)])))->toBe($pairs);
})->with([
    'on the ground' => [[], ['#faf6ef #000000']],
    'on a card' => [[Planted::box('Card', 20, 40, 300, 60, '#17594f')], ['#17594f #000000']],
    'over its edge' => [[Planted::box('Card', 20, 40, 80, 60, '#17594f')], ['#17594f #000000', '#faf6ef #000000']],
    'beside it' => [[Planted::box('Card', 20, 80, 300, 60, '#17594f')], ['#faf6ef #000000']],
    'on a card that is turned' => [[Planted::box('Card', 20, 40, 300, 60, '#17594f', ['rotation' => 180])], ['#17594f #000000']],
    'beside the edge of one that is turned' => [[Planted::box('Card', 20, 40, 80, 60, '#17594f', ['rotation' => 45])], ['#17594f #000000', '#faf6ef #000000'], 105],
    'and beside the words nothing of them' => [[], ['#faf6ef #000000'], 380],
    'nor where a card lies there' => [[Planted::box('Card', 300, 40, 90, 60, '#17594f')], ['#faf6ef #000000'], 380],
]);
