<?php

declare(strict_types=1);

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Render\FilterChain;

/** @return list<float> the numbers of the colour matrix that a picture standing alone has */
function matrixOf(Adjustment $by): array
{
    $chain = (new FilterChain('f', true, new Box(0, 0, 10, 10)))->adjust($by);
    expect(preg_match('/type="matrix" values="([^"]+)"/', $chain->element(), $found))->toBe(1);

    return array_map(floatval(...), explode(' ', $found[1]));
}

it('writes functions on pages, in the order in which they are done', function (array $given, ?string $functions): void {
    $chain = (new FilterChain('f', false, new Box(0, 0, 10, 10)))->adjust(new Adjustment(...$given));
    expect($chain->attribute())->toBe($functions);
})->with([
    'nothing' => [[], null],
    'all as it is' => [['brightness' => 1.0, 'contrast' => 1.0, 'saturate' => 1.0, 'grayscale' => 0.0, 'blur' => 0.0], null],
    'one' => [['saturate' => 0.4], 'saturate(0.4)'],
    'all' => [['blur' => 3.0, 'grayscale' => 0.5, 'saturate' => 2.0, 'contrast' => 0.8, 'brightness' => 1.2], 'brightness(1.2) contrast(0.8) saturate(2) grayscale(0.5) blur(3px)'],
    'a tint, for which there is no function' => [['tint' => Colour::rgb(169, 76, 49), 'brightness' => 1.1], 'brightness(1.1) url(#f-tint)'],
    'a tint that is clear' => [['tint' => Colour::rgb(169, 76, 49, 0)], null],
]);

it('has a filter of its own where a picture stands alone', function (): void {
    $chain = (new FilterChain('f', true, new Box(0, 0, 10, 10)))->adjust(new Adjustment(brightness: 1.5, contrast: 0.5, blur: 2))->shadow(new Shadow(Colour::rgb(0, 0, 0, 0.5), 1, 2, 6));
    expect($chain->attribute())->toBe('url(#f)')
        ->and($chain->element())->toContain('<feFuncR type="linear" slope="1.5" intercept="0"/>')
        // Contrast turns about the middle (Filter Effects 1, section 13.1.6).
        ->toContain('<feFuncG type="linear" slope="0.5" intercept="0.25"/>')
        ->toContain('stdDeviation="2"')->toContain('<feOffset in="step4" dx="1" dy="2" result="step5"/>')
        // Half of the blur of a shadow is the standard deviation.
        ->toContain('stdDeviation="3"')->toContain('flood-opacity="0.502"')->toContain('color-interpolation-filters="sRGB"');
    $page = (new FilterChain('f', false, new Box(0, 0, 10, 10)))->shadow(new Shadow(Colour::rgb(0, 0, 0, 0.5), 1, 2, 6));
    expect($page->attribute())->toBe('drop-shadow(1px 2px 3px #00000080)')->and($page->element())->toBe('');
});

it('makes greys by the matrix of the standard', function (): void {
    // Filter Effects 1, section 13.1.1, at 100 %: every channel is the luminance.
    expect(matrixOf(new Adjustment(grayscale: 1)))->toBe([0.2126, 0.7152, 0.0722, 0.0, 0.0, 0.2126, 0.7152, 0.0722, 0.0, 0.0, 0.2126, 0.7152, 0.0722, 0.0, 0.0, 0.0, 0.0, 0.0, 1.0, 0.0]);
    // At 50 %: 0.2126 + 0.7874 * 0.5 and 0.7152 - 0.7152 * 0.5.
    $half = matrixOf(new Adjustment(grayscale: 0.5));
    expect([$half[0], $half[1], $half[6]])->toEqualWithDelta([0.6063, 0.3576, 0.8576], 1e-6);
});

it('tints so that white becomes the colour and black stays', function (Colour $tint, array $white): void {
    $m = matrixOf(new Adjustment(tint: $tint));
    $of = fn (float $r, float $g, float $b): array => array_map(fn (int $row): float => $m[5 * $row] * $r + $m[5 * $row + 1] * $g + $m[5 * $row + 2] * $b + $m[5 * $row + 4], [0, 1, 2]);
    expect($of(1, 1, 1))->toEqualWithDelta($white, 1e-4)->and($of(0, 0, 0))->toEqualWithDelta([0, 0, 0], 1e-9);
})->with([
    'as much as it is opaque' => [Colour::rgb(255, 128, 0), [1, 128 / 255, 0]],
    'half' => [Colour::rgb(255, 0, 0, 0.5), [1, 127 / 255, 127 / 255]],
]);
