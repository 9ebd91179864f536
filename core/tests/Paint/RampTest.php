<?php

declare(strict_types=1);

use Kindred\Paint\Colour;
use Kindred\Paint\Interpolation;
use Kindred\Paint\Ramp;

/** @param  list<array{0: float, 1: string, 2?: float}>  $stops */
function ramp(array $stops, Interpolation $space = Interpolation::Srgb): Ramp
{
    return Ramp::of(array_map(fn (array $stop): array => ['at' => (float) $stop[0], 'colour' => Colour::parse($stop[1]), 'hint' => $stop[2] ?? null], $stops), $space);
}

function seen(Ramp $ramp, float $at): string
{
    return Colour::ofSrgb(...$ramp->at($at))->toHex();
}

it('mixes between stops, and is of the first before them and of the last beyond', function (): void {
    $ramp = ramp([[0.2, '#ff0000'], [0.6, '#0000ff']]);
    expect([seen($ramp, 0), seen($ramp, 0.2), seen($ramp, 0.4), seen($ramp, 0.6), seen($ramp, 2)])->toBe(['#ff0000', '#ff0000', '#800080', '#0000ff', '#0000ff']);
});

it('jumps where two stops lie at one place, or the second before the first', function (): void {
    expect([seen(ramp([[0, '#fff'], [0.5, '#f00'], [0.5, '#00f'], [1, '#000']]), 0.5), seen(ramp([[0, '#fff'], [0.5, '#f00'], [0.3, '#00f'], [1, '#000']]), 0.499)])->toBe(['#0000ff', '#ff0101']);
});

// CSS Color 4, section 12.3: colours are multiplied by their alpha before they are mixed, so red does not darken on its way to nothing.
it('multiplies by alpha first', function (): void {
    expect(seen(ramp([[0, '#ff0000'], [1, '#00000000']]), 0.5))->toBe('#ff000080')->and(seen(ramp([[0, '#ff0000'], [1, '#0000ff80']]), 0.5))->toBe('#aa0055c0');
});

// CSS Images 4, section 3.4.2: at the hint half of both is mixed.
it('bends at a hint', function (float $hint, float $at, string $hex): void {
    expect(seen(ramp([[0, '#000000', $hint], [1, '#ffffff']]), $at))->toBe($hex);
})->with([[0.25, 0.25, '#808080'], [0.8, 0.8, '#808080'], [0.0, 0.001, '#ffffff'], [1.0, 0.999, '#000000'], [0.5, 0.25, '#404040']]);

it('mixes in OKLab by how colours look', function (): void {
    // Halfway from blue to white sRGB is a violet tinge; OKLab keeps to sky blue (Ottosson 2020).
    expect(seen(ramp([[0, '#0000ff'], [1, '#ffffff']], Interpolation::Oklab), 0.5))->toBe('#74a3ff');
});

it('gives samples between which a straight mix is as near as can be seen', function (array $stops, Interpolation $space): void {
    $ramp = ramp($stops, $space);
    $samples = $ramp->across(0, 1, false);
    expect($samples[0][0])->toBe(0.0)->and($samples[count($samples) - 1][0])->toBe(1.0);
    for ($i = 1; $i < 200; $i++) {
        $at = $i / 200;
        $k = 0;
        while ($samples[$k + 1][0] < $at) {
            $k++;
        }
        [[$from, $a], [$to, $b]] = [$samples[$k], $samples[$k + 1]];
        $shown = Ramp::mix($a, $b, ($at - $from) / ($to - $from));
        expect(Ramp::apart($shown, Colour::ofSrgb(...$ramp->at($at))))->toBeLessThan(2.6, "at {$at}");
    }
})->with([
    'straight' => [[[0, '#a94c31'], [1, '#ffffff']], Interpolation::Srgb], 'fading' => [[[0, '#a94c31'], [0.7, '#00ff0000'], [1, '#123456']], Interpolation::Srgb],
    'by looks' => [[[0, '#0000ff'], [0.5, '#ffff0040'], [1, '#ffffff']], Interpolation::Oklab], 'bent' => [[[0, '#000000', 0.1], [1, '#ffffff']], Interpolation::Srgb],
]);

it('comes again and again where it repeats, on both sides', function (): void {
    $samples = ramp([[0.4, '#ff0000'], [0.6, '#0000ff']])->across(0, 1, true);
    $at = fn (float $place): array => array_values(array_map(fn (array $sample): string => $sample[1]->toHex(), array_filter($samples, fn (array $sample): bool => abs($sample[0] - $place) < 1e-9)));
    foreach ([0.2, 0.4, 0.6, 0.8] as $place) {
        expect($at($place))->toBe(['#0000ff', '#ff0000'], "at {$place}");
    }
    expect($at(0.0))->toContain('#ff0000')->and($at(1.0))->toContain('#0000ff')->and($at(0.1))->toBe([]);
});

it('is its mean where only one colour can be shown', function (): void {
    // Half of the first quarter is red, the rest is lime: by lengths, not by stops; what is clear counts as little as it is seen.
    expect(ramp([[0, '#ff0000'], [0.25, '#00ff00'], [1, '#00ff00']])->mean()->toHex())->toBe('#20df00')->and(ramp([[0, '#ff0000'], [1, '#0000ff00']])->mean()->toHex())->toBe('#ff000080');
    expect(ramp([[0, '#000000'], [1, '#ffffff']])->mean()->toHex())->toBe('#808080')->and(ramp([[0.5, '#00ff00'], [0.5, '#0000ff']])->mean()->toHex())->toBe('#0000ff')->and(ramp([[0, '#ff000000'], [1, '#ff000000']])->mean()->alpha)->toBe(0.0);
});
