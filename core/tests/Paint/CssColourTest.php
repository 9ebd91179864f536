<?php

declare(strict_types=1);

use Kindred\Paint\Colour;
use Kindred\Paint\Css\Arguments;
use Kindred\Paint\Css\CssColour;

// Oracle: the examples of CSS Color 4 (sections 5 to 10) and its table of named colours.
it('reads any colour of CSS', function (string $css, string $hex): void {
    expect(CssColour::read($css)?->toHex())->toBe($hex);
})->with([
    ['rebeccapurple', '#663399'], ['Transparent', '#00000000'], ['LightGoldenRodYellow', '#fafad2'], ['rgb(none 255 0)', '#00ff00'],
    // 7: the hue in degrees or turns.
    ['hsl(270 60% 70%)', '#b385e0'], ['hsl(0.5turn 100% 50%)', '#00ffff'], ['hsla(120, 100%, 25%, 0.5)', '#00800080'],
    // 8: white and black together above 100 % are grey.
    ['hwb(45 40% 80%)', '#555555'], ['hwb(150 20% 10%)', '#33e68c'],
    // 9 and 10: green of CSS is lab(46.2775% -47.5621 48.5837), lch(46.2775% 67.9892 134.3912), oklab(51.975% -0.1403 0.10768), oklch(51.975% 0.17686 142.495).
    ['lab(46.2775% -47.5621 48.5837)', '#008000'], ['lch(46.2775% 67.9892 134.3912)', '#008000'], ['oklab(51.975% -0.1403 0.10768)', '#008000'], ['oklch(51.975% 0.17686 142.495)', '#008000'],
    // 10.2 to 10.8: the same green in other spaces.
    ['color(srgb 0 0.50196 0)', '#008000'], ['color(srgb-linear 0 0.21586 0)', '#008000'], ['color(display-p3 0.21604 0.49418 0.13151)', '#008000'],
    ['color(xyz 0.07719 0.15438 0.02573)', '#008000'], ['color(xyz-d50 0.08312 0.15475 0.02094 / 50%)', '#00800080'],
]);

it('takes what sRGB cannot show as near as its hue and lightness let it', function (string $css): void {
    $shown = Kindred\Paint\Oklab::of(Colour::parse($css));
    preg_match('/oklch\(([\d.]+) ([\d.]+) ([\d.]+)\)/', $css, $asked);
    expect(abs($shown->lightness - (float) $asked[1]))->toBeLessThan(0.03)->and(abs(fmod($shown->hue() - (float) $asked[3] + 540, 360) - 180))->toBeLessThan(7.0)->and($shown->chroma())->toBeLessThan((float) $asked[2]);
})->with(['oklch(0.7 0.37 145)', 'oklch(0.5 0.35 30)', 'oklch(0.85 0.3 250)', 'oklch(0.4 0.3 200)']);

it('knows what is no colour', function (string $text): void {
    expect(CssColour::read($text))->toBeNull();
})->with(['', 'currentcolor', 'rgb(1 2)', 'rgb(1deg 2 3)', 'hsl(20%  3% 4%)', 'oklch(1 2)', 'color(nonsense 1 2 3)', 'lab(1 2 3 4 5)', '#12345', 'url(x)', 'laba(1 2 3)', str_repeat('(', 500)]);

it('takes the arguments of a function apart, and leaves those of functions in it together', function (): void {
    expect(Arguments::of('to right, rgb(1, 2, 3) 10%, hsl(calc(1 + (2)), 3, 4),, #fff'))->toBe([['to', 'right'], ['rgb(1, 2, 3)', '10%'], ['hsl(calc(1 + (2)), 3, 4)'], ['#fff']]);
});
