<?php

declare(strict_types=1);

use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

it('reads the notations of CSS', function (string $text, string $hex): void {
    expect(Colour::parse($text)->toHex())->toBe($hex);
})->with([
    ['#17594F', '#17594f'], ['17594f', '#17594f'], ['#abc', '#aabbcc'], ['#abcd', '#aabbccdd'], ['#11223380', '#11223380'],
    ['rgb(23 89 79)', '#17594f'], ['rgb(23, 89, 79)', '#17594f'], ['rgba(23, 89, 79, 0.5)', '#17594f80'], ['rgb(0 0 0 / 50%)', '#00000080'], ['rgb(100% 0% 0%)', '#ff0000'],
    // CSS Color 4, examples of hsl(): hue 120 is lime, 120 100% 25% is #008000.
    ['hsl(120 100% 50%)', '#00ff00'], ['hsl(120deg 100% 25%)', '#008000'], ['hsl(0, 0%, 50%)', '#808080'], ['hsl(-120 100% 50%)', '#0000ff'],
]);

it('refuses what is no colour, and says how to write one', function (string $text): void {
    Colour::parse($text, 'fill');
})->with(['', '#12', '#12345', 'redish', 'rgb(1 2)', 'rgb(1 2 3 4 5)', 'hsl(a b c)', 'url(#x)', '#fff;stroke:red'])->throws(InvalidInput::class, 'is not a colour');

it('gives the contrast ratios of the WCAG', function (string $a, string $b, float $ratio): void {
    expect(round(Colour::parse($a)->contrastRatio(Colour::parse($b)), 2))->toBe($ratio);
})->with([
    // Extremes by definition; #777 and #767676 on white are the well-known pair around 4.5:1 (technique G18).
    ['#000000', '#ffffff', 21.0], ['#ffffff', '#ffffff', 1.0], ['#777777', '#ffffff', 4.48], ['#767676', '#ffffff', 4.54],
]);
