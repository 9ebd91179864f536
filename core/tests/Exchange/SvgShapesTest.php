<?php

declare(strict_types=1);

use Kindred\Exchange\Svg\SvgReader;
use Kindred\Geometry\PathData;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

/** @return array{layers: list<array<string, mixed>>, left: array<mixed>} what becomes of a drawing of 200 by 100, and of what was left out */
function drawnIn(string $inner): array
{
    return SvgReader::read("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200\" height=\"100\">{$inner}</svg>", new Typesetter(Sample::faces()), fn (): ?string => null);
}

// Oracle: a circle of radius r under a matrix a b c d reaches r·√(a² + c²) to each side and r·√(b² + d²) up and down (an ellipse by its own radii).
it('draws shapes that are sheared or mirrored as paths that reach just as far', function (string $shape, array $box): void {
    [$layer] = drawnIn("<g transform=\"matrix(1 0.25 0.5 1 10 5)\" fill=\"#b4472e\">{$shape}</g>")['layers'];
    $layer = $layer['children'][0] ?? $layer;
    expect($layer['kind'])->toBe('path');
    $bounds = PathData::parse($layer['d'])->bounds();
    foreach ($box as $i => $number) {
        expect([$layer['x'], $layer['y'], $layer['width'], $layer['height']][$i])->toEqualWithDelta($number, 0.01);
    }
    expect($bounds?->width)->toEqualWithDelta($box[2], 0.01)->and($bounds?->height)->toEqualWithDelta($box[3], 0.01);
})->with(function (): array {
    $at = fn (float $x, float $y): array => [$x + 0.5 * $y + 10, 0.25 * $x + $y + 5];
    $round = function (float $cx, float $cy, float $rx, float $ry) use ($at): array {
        [$x, $y] = $at($cx, $cy);
        [$across, $down] = [hypot($rx, 0.5 * $ry), hypot(0.25 * $rx, $ry)];

        return [$x - $across, $y - $down, 2 * $across, 2 * $down];
    };
    $around = function (array ...$points) use ($at): array {
        $mapped = array_map(fn (array $point): array => $at(...$point), $points);
        [$xs, $ys] = [array_column($mapped, 0), array_column($mapped, 1)];

        return [min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys)];
    };

    return [
        'a circle' => ['<circle cx="60" cy="40" r="20"/>', $round(60, 40, 20, 20)],
        'an ellipse' => ['<ellipse cx="80" cy="30" rx="40" ry="10"/>', $round(80, 30, 40, 10)],
        'a rectangle' => ['<rect x="10" y="10" width="40" height="20"/>', $around([10, 10], [50, 10], [50, 30], [10, 30])],
        'a polygon' => ['<polygon points="0,0 40,0 20,30"/>', $around([0, 0], [40, 0], [20, 30])],
        'a line' => ['<line x1="0" y1="0" x2="40" y2="20" stroke="#000000"/>', $around([0, 0], [40, 20])],
        'a polyline' => ['<polyline points="0,0 40,0 20,30" stroke="#000000"/>', $around([0, 0], [40, 0], [20, 30])],
    ];
});

it('shows what is used several times at each of its places, and nothing of other files', function (): void {
    $drawn = drawnIn('<defs><symbol id="pot"><rect width="20" height="10" fill="#b4472e"/></symbol></defs><use href="#pot" x="10"/><use href="#pot" x="50" y="20"/><use href="other.svg#pot"/>');
    $place = fn (array $layer): array => [$layer['x'] + ($layer['children'][0]['x'] ?? 0), $layer['y'] + ($layer['children'][0]['y'] ?? 0)];
    expect(array_map($place, $drawn['layers']))->toEqual([[10, 0], [50, 20]])->and(json_encode($drawn['left']))->toContain('outside the file');
});

it('goes on where a part is broken, and says what it left out', function (string $inner, int $layers, string $left): void {
    $drawn = drawnIn('<rect width="10" height="10" fill="#17594f"/>'.$inner);
    expect($drawn['layers'])->toHaveCount($layers)->and(json_encode($drawn['left'], JSON_UNESCAPED_UNICODE))->toContain($left);
})->with([
    'a path' => ['<path d="M0 0 Q"/>', 1, 'broken path'],
    'a colour' => ['<rect width="5" height="5" fill="glazed"/>', 2, 'colour that is none'],
    'a pattern' => ['<pattern id="p"><rect width="2" height="2" fill="#b4472e"/></pattern><rect width="5" height="5" fill="url(#p)"/>', 2, 'pattern became one colour'],
    'a face' => ['<text y="20" font-family="Nobody Sans">Kiln</text>', 2, 'face that is not here'],
    'nothing drawn' => ['<path d=""/><polygon points=""/>', 1, '[]'],
]);
