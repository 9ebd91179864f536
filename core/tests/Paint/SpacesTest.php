<?php

declare(strict_types=1);

use Kindred\Paint\Spaces;

/**
 * The six corners of the hue circle, of which each is one channel or two in full, and what lies between them: hue 60 is as much red as green
 * (CSS Color 4, section 7).
 */
it('knows hue, saturation and lightness of a colour', function (array $srgb, array $hsl): void {
    foreach (Spaces::srgbToHsl(...$srgb) as $i => $number) {
        expect($number)->toEqualWithDelta($hsl[$i], 1e-9);
    }
})->with([
    'black' => [[0, 0, 0], [0, 0, 0]], 'white' => [[1, 1, 1], [0, 0, 1]], 'grey' => [[0.5, 0.5, 0.5], [0, 0, 0.5]],
    'red' => [[1, 0, 0], [0, 1, 0.5]], 'yellow' => [[1, 1, 0], [60, 1, 0.5]], 'lime' => [[0, 1, 0], [120, 1, 0.5]], 'aqua' => [[0, 1, 1], [180, 1, 0.5]],
    'blue' => [[0, 0, 1], [240, 1, 0.5]], 'magenta' => [[1, 0, 1], [300, 1, 0.5]], 'rose, before red' => [[1, 0, 0.5], [330, 1, 0.5]],
    'dark green' => [[0, 0.5, 0], [120, 1, 0.25]], 'half as strong' => [[0.75, 0.25, 0.25], [0, 0.5, 0.5]], 'pale' => [[0.9, 0.8, 0.8], [0, 1 / 3, 0.85]],
]);

it('comes back from hue, saturation and lightness as it was', function (): void {
    for ($red = 0; $red <= 255; $red += 17) {
        for ($green = 0; $green <= 255; $green += 17) {
            for ($blue = 0; $blue <= 255; $blue += 17) {
                $back = Spaces::hslToSrgb(...Spaces::srgbToHsl($red / 255, $green / 255, $blue / 255));
                expect(max(abs($back[0] - $red / 255), abs($back[1] - $green / 255), abs($back[2] - $blue / 255)))->toBeLessThan(1e-9);
            }
        }
    }
});

// CSS Color 4, section 8: a colour is mixed of a hue, white and black; where these are more than all of it, it is the grey of their shares.
it('mixes a hue with white and black', function (array $hwb, array $srgb): void {
    foreach (Spaces::hwbToSrgb(...$hwb) as $i => $number) {
        expect($number)->toEqualWithDelta($srgb[$i], 1e-9);
    }
})->with([
    'a hue alone' => [[240, 0, 0], [0, 0, 1]], 'with white' => [[0, 0.25, 0], [1, 0.25, 0.25]], 'with black' => [[0, 0, 0.25], [0.75, 0, 0]], 'with both' => [[120, 0.25, 0.25], [0.25, 0.75, 0.25]],
    'as much white as black' => [[90, 1, 1], [0.5, 0.5, 0.5]], 'more of both than there is' => [[90, 0.9, 0.3], [0.75, 0.75, 0.75]], 'white alone' => [[90, 1, 0], [1, 1, 1]], 'less than none' => [[0, -1, 0], [1, 0, 0]],
]);
