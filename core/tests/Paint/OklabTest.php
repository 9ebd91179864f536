<?php

declare(strict_types=1);

use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Paint\Palette;

it('has the values of CSS Color 4', function (string $hex, float $lightness, float $chroma, ?float $hue): void {
    $oklab = Oklab::of(Colour::parse($hex));
    expect(round($oklab->lightness, 3))->toBe($lightness)->and(round($oklab->chroma(), 3))->toBe($chroma);
    if ($hue !== null) {
        expect(round($oklab->hue(), 1))->toBe($hue);
    }
    expect($oklab->colour()->toHex())->toBe($hex);
})->with([
    // Red, lime, blue, and black and white in oklch().
    ['#ff0000', 0.628, 0.258, 29.2], ['#00ff00', 0.866, 0.295, 142.5], ['#0000ff', 0.452, 0.313, 264.1], ['#000000', 0.0, 0.0, null], ['#ffffff', 1.0, 0.0, null],
]);

it('calls colours as people do', function (string $hex, string $name): void {
    expect(Oklab::of(Colour::parse($hex))->called())->toBe($name);
})->with([
    ['#ffffff', 'white'], ['#1e2223', 'dark grey'], ['#e3e4e3', 'light grey'], ['#b4472e', 'red'], ['#17594f', 'teal'], ['#b97a0c', 'orange'], ['#0000ff', 'blue'], ['#7a4a12', 'brown'], ['#3a7d1f', 'green'],
    ['#000000', 'black'], ['#ffe9a8', 'pale yellow'], ['#6b3a9b', 'violet'],
]);

it('gathers the main colours of a picture, most of it first', function (): void {
    $pixels = [[250, 250, 248, 500], [23, 89, 79, 300], [25, 92, 80, 40], [180, 71, 46, 120], [0, 0, 255, 3]];
    $palette = Palette::of($pixels);
    expect(array_map(fn (array $one): string => $one['colour']->toHex(), $palette))->toBe(['#fafaf8', '#17594f', '#b4472e'])
        ->and(array_column($palette, 'share'))->toBe([0.5192, 0.3531, 0.1246])
        ->and(Palette::of([]))->toBe([])
        ->and(Palette::of([[0, 0, 0, 1]]))->toHaveCount(1);
});
