<?php

declare(strict_types=1);

use Kindred\Paint\Colour;
use Kindred\Paint\Contrast;
use Kindred\Paint\NoiseTile;
use Kindred\Paint\Oklab;
use Kindred\Paint\Sight;
use Kindred\Paint\Spaces;

it('finds where a colour stands out least, and what is typical', function (): void {
    $contrast = Contrast::against([[255, 255, 255, 700], [0x77, 0x77, 0x77, 290], [0, 0, 0, 1]]);
    // #777777 on white is 4.48 : 1 (WCAG 2.2, technique G18); one dark pixel in a thousand is a smoothed edge.
    expect(round($contrast->worst(Colour::parse('#777')), 2))->toBe(1.0)->and(round($contrast->typical(Colour::parse('#777')), 2))->toBe(4.48)->and(round($contrast->worst(Colour::parse('#000')), 2))->toBe(4.69);
});

it('sees through a colour to what lies behind it', function (): void {
    expect(round(Contrast::against([[255, 255, 255, 1]])->worst(Colour::parse('#00000080')), 2))->toBe(round(Colour::parse('#7f7f7f')->contrastRatio(Colour::parse('#fff')), 2));
});

it('finds the nearest colour of the same hue that stands out enough', function (string $colour, array $ground, float $ratio): void {
    $contrast = Contrast::against([[...$ground, 1]]);
    $found = $contrast->nearest(Colour::parse($colour), $ratio);
    expect($contrast->worst($found))->toBeGreaterThanOrEqual($ratio);
    $moved = Oklab::of($found)->lightness - Oklab::of(Colour::parse($colour))->lightness;
    // A little nearer, and it is too little.
    $less = (new Oklab(Oklab::of($found)->lightness - ($moved > 0 ? 0.012 : -0.012), Oklab::of($found)->a, Oklab::of($found)->b))->colour();
    expect($contrast->worst($less))->toBeLessThan($ratio)->and(abs(fmod(Oklab::of($found)->hue() - Oklab::of(Colour::parse($colour))->hue() + 540, 360) - 180))->toBeLessThan(9.0);
})->with([['#c9885f', [246, 237, 226], 4.5], ['#5f87c9', [255, 255, 255], 7.0], ['#3a5a40', [30, 34, 35], 3.0]]);

it('says when no colour of the hue stands out enough everywhere', function (): void {
    expect(Contrast::against([[0, 0, 0, 1], [255, 255, 255, 1], [128, 128, 128, 1]])->nearest(Colour::parse('#a94c31'), 7.0))->toBeNull();
});

/** As an `feColorMatrix` of those values in linear sRGB makes it. */
function throughEyes(Sight $sight, string $colour): Colour
{
    [$red, $green, $blue] = Colour::parse($colour)->linear();

    return Colour::ofSrgb(...array_map(fn (array $row): float => Spaces::encoded(max(0.0, min(1.0, $row[0] * $red + $row[1] * $green + $row[2] * $blue))), $sight->matrix()));
}

// Oracle: rows of a matrix for colours sum to 1, so that greys stay as they are (Machado, Oliveira, Fernandes 2009).
it('leaves greys as they are for all eyes, and makes others alike that some cannot tell apart', function (): void {
    foreach (Sight::cases() as $sight) {
        expect(throughEyes($sight, '#808080')->toHex())->toBe('#808080', $sight->value);
    }
    $apart = fn (Sight $sight, string $a, string $b): float => Oklab::of(throughEyes($sight, $a))->distance(Oklab::of(throughEyes($sight, $b)));
    expect($apart(Sight::Deuteranopia, '#d9534f', '#8a8f2a'))->toBeLessThan(Oklab::of(Colour::parse('#d9534f'))->distance(Oklab::of(Colour::parse('#8a8f2a'))) / 2)
        ->and(throughEyes(Sight::Greyscale, '#a94c31')->toHex())->toBe(Colour::parse('#a94c31')->grey()->toHex());
});

it('is the same grain for the same seed, a PNG that others read', function (bool $coloured, float $strength, int $low, int $high): void {
    $png = NoiseTile::png(7, $coloured, $strength);
    $image = imagecreatefromstring($png);
    assert($image !== false);
    imagepalettetotruecolor($image);
    $values = [];
    for ($x = 0; $x < NoiseTile::SIDE; $x++) {
        for ($y = 0; $y < NoiseTile::SIDE; $y++) {
            $rgb = imagecolorat($image, $x, $y);
            array_push($values, $rgb >> 16 & 255, $rgb >> 8 & 255, $rgb & 255);
        }
    }
    expect($png)->toBe(NoiseTile::png(7, $coloured, $strength))->not->toBe(NoiseTile::png(8, $coloured, $strength))
        ->and([imagesx($image), min($values), max($values)])->toBe([NoiseTile::SIDE, $low, $high])->and(abs(array_sum($values) / count($values) - 127.5))->toBeLessThan(3.0);
})->with([[false, 1.0, 0, 255], [false, 0.5, 64, 191], [true, 1.0, 0, 255], [false, 0.0, 128, 128]]);

it('looks at a photograph in which each colour is rare, and is not taken for white', function (): void {
    $pixels = array_map(fn (int $i): array => [$i % 64, intdiv($i, 64) % 64, 40, 1], range(0, 4095));
    expect(Contrast::against($pixels)->worst(Colour::parse('#ffffff')))->toBeGreaterThan(8.0)->and(Contrast::against($pixels)->typical(Colour::parse('#000000')))->toBeLessThan(2.5)
        ->and(Contrast::against([])->worst(Colour::parse('#ffffff')))->toBe(1.0);
    // A smoothed edge beside a plain ground is left out as before.
    expect(Contrast::against([[0, 0, 0, 999], [255, 255, 255, 1]])->worst(Colour::parse('#ffffff')))->toEqualWithDelta(21.0, 0.01);
});
