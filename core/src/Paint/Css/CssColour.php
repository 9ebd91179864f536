<?php

declare(strict_types=1);

namespace Kindred\Paint\Css;

use Kindred\Paint\Colour;
use Kindred\Paint\Gamut;
use Kindred\Paint\Spaces;

/**
 * Any colour that CSS Color 4 can write but system colours and `currentcolor`: names, `#` and 3, 4, 6 or 8 digits, `rgb()`, `hsl()`,
 * `hwb()`, `lab()`, `lch()`, `oklab()`, `oklch()` and `color()`, with commas where CSS has them, `none`, percentages and units of
 * angles. The hash may be left out. What lies outside sRGB comes as near as its hue and lightness let it.
 */
final class CssColour
{
    /** What 100% is of each channel; null where percent are of no meaning, as for a hue (CSS Color 4, sections 5 to 10). */
    private const SCALES = [
        'rgb' => [255.0, 255.0, 255.0],
        'hsl' => [null, 100.0, 100.0],
        'hwb' => [null, 100.0, 100.0],
        'lab' => [100.0, 125.0, 125.0],
        'lch' => [100.0, 150.0, null],
        'oklab' => [1.0, 0.4, 0.4],
        'oklch' => [1.0, 0.4, null],
        'color' => [1.0, 1.0, 1.0],
    ];

    private const TURNS = ['deg' => 1.0, '' => 1.0, 'grad' => 0.9, 'rad' => 180 / M_PI, 'turn' => 360.0];

    /** Null where the text is no colour. */
    public static function read(string $text): ?Colour
    {
        if (strlen($text) === 7 && $text[0] === '#' && ctype_xdigit($digits = substr($text, 1))) {
            // As nearly all are written.
            return self::hex($digits);
        }
        $text = strtolower(trim($text));
        if ($text === 'transparent') {
            return Colour::rgb(0, 0, 0, 0);
        }
        if (isset(NamedColours::ALL[$text])) {
            return self::hex(NamedColours::ALL[$text]);
        }
        if (preg_match('/^#?([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/D', $text, $match) === 1) {
            return self::hex($match[1]);
        }

        return preg_match('/^(rgb|hsl|hwb|lab|lch|oklab|oklch|color)(a?)\(([^()]*)\)$/D', $text, $match) === 1 && ($match[2] === '' || in_array($match[1], ['rgb', 'hsl'], true))
            ? self::functional($match[1], trim($match[3]))
            : null;
    }

    private static function hex(string $digits): Colour
    {
        if (strlen($digits) <= 4) {
            $digits = implode('', array_map(fn (string $digit): string => $digit.$digit, str_split($digits)));
        }
        [$colour, $alpha] = strlen($digits) === 8 ? [(int) hexdec(substr($digits, 0, 6)), (int) hexdec(substr($digits, 6))] : [(int) hexdec($digits), 255];

        return Colour::rgb($colour >> 16, $colour >> 8 & 255, $colour & 255, $alpha / 255);
    }

    private static function functional(string $name, string $inner): ?Colour
    {
        $parts = (array) preg_split('#\s*[,/]\s*|\s+#', $inner);
        $space = $name === 'color' ? (string) array_shift($parts) : $name;
        if (count($parts) < 3 || count($parts) > 4) {
            return null;
        }
        $channels = [];
        foreach (array_slice($parts, 0, 3) as $i => $part) {
            $channels[] = self::channel((string) $part, self::SCALES[$name][$i]);
        }
        $alpha = self::channel((string) ($parts[3] ?? '1'), 1.0);
        [$a, $b, $c] = $channels;
        if ($a === null || $b === null || $c === null || $alpha === null) {
            return null;
        }

        $made = match ($space) {
            'rgb' => Colour::rgb((int) round($a), (int) round($b), (int) round($c)),
            'hsl' => Colour::ofSrgb(...Spaces::hslToSrgb($a, $b / 100, $c / 100)),
            'hwb' => Colour::ofSrgb(...Spaces::hwbToSrgb($a, $b / 100, $c / 100)),
            'lab' => Gamut::nearest(Spaces::xyzToLinear(...Spaces::labToXyz($a, $b, $c))),
            'lch' => Gamut::nearest(Spaces::xyzToLinear(...Spaces::labToXyz($a, max(0.0, $b) * cos(deg2rad($c)), max(0.0, $b) * sin(deg2rad($c))))),
            'oklab' => Gamut::nearest(Spaces::oklabToLinear(max(0.0, min(1.0, $a)), $b, $c)),
            'oklch' => Gamut::nearest(Spaces::oklabToLinear(max(0.0, min(1.0, $a)), max(0.0, $b) * cos(deg2rad($c)), max(0.0, $b) * sin(deg2rad($c)))),
            'srgb' => Gamut::nearest(array_map(Spaces::linear(...), [$a, $b, $c])),
            'srgb-linear' => Gamut::nearest([$a, $b, $c]),
            'display-p3' => Gamut::nearest(Spaces::xyzToLinear(...Spaces::p3ToXyz(...array_map(Spaces::linear(...), [$a, $b, $c])))),
            'xyz', 'xyz-d65' => Gamut::nearest(Spaces::xyzToLinear($a, $b, $c)),
            'xyz-d50' => Gamut::nearest(Spaces::xyzToLinear(...Spaces::d50ToD65($a, $b, $c))),
            default => null,
        };

        return $made?->withAlpha($alpha);
    }

    /** @param  float|null  $whole  what 100% is; null for an angle, in degrees */
    private static function channel(string $text, ?float $whole): ?float
    {
        if ($text === 'none') {
            return 0.0;
        }
        if (preg_match('/^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)(%|deg|grad|rad|turn)?$/D', $text, $match) !== 1) {
            return null;
        }
        $unit = $match[2] ?? '';

        return match (true) {
            $unit === '%' => $whole === null ? null : (float) $match[1] / 100 * $whole,
            $whole === null => (float) $match[1] * self::TURNS[$unit],
            $unit !== '' => null,
            default => (float) $match[1],
        };
    }
}
