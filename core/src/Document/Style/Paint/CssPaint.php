<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Input\InvalidInput;
use Kindred\Paint\Css\Arguments;
use Kindred\Paint\Css\CssColour;
use Kindred\Paint\Interpolation;
use Kindred\Property\Base;
use Kindred\Property\Typing;

/**
 * A colour or a gradient as CSS writes them (CSS Color 4; CSS Images 4, section 3). Lengths in px are taken as shares of the box that
 * they are typed for. Mixing in other spaces than sRGB is done in OKLab, the nearest that there is here.
 */
final class CssPaint
{
    /** Towards which side each keyword points. */
    private const SIDES = ['top' => [0, -1], 'bottom' => [0, 1], 'left' => [-1, 0], 'right' => [1, 0]];

    private const ANGLES = ['deg' => 1.0, 'grad' => 0.9, 'rad' => 180 / M_PI, 'turn' => 360.0];

    private function __construct(private readonly float $width, private readonly float $height)
    {
    }

    /** @throws InvalidInput naming `value` */
    public static function read(string $text, Typing $typing): Paint
    {
        $text = rtrim(trim((string) preg_replace('/^\s*background(-image|-color)?\s*:/i', '', $text)), '; ');
        $colour = CssColour::read($text);
        if ($colour !== null) {
            return new Solid($colour);
        }
        if (preg_match('/^(repeating-)?(linear|radial|conic)-gradient\((.*)\)$/Dis', $text, $match) !== 1) {
            throw new InvalidInput('value', '“'.mb_strimwidth($text, 0, 60, '…').'” is no colour and no gradient; write it like #17594f or linear-gradient(90deg, #17594f, #e3e4e3)');
        }
        $read = new self($typing->length(Base::OwnWidth, 0) ?? 0.0, $typing->length(Base::OwnHeight, 0) ?? 0.0);

        return $read->gradient(strtolower($match[2]), $match[1] !== '', Arguments::of(strtolower($match[3])));
    }

    /** @param  list<list<string>>  $arguments  the words of each */
    private function gradient(string $kind, bool $repeats, array $arguments): Gradient
    {
        $head = isset($arguments[0][0]) && CssColour::read($arguments[0][0]) === null ? array_shift($arguments) : [];
        [$head, $space] = self::space($head);
        $bare = match ($kind) {
            'linear' => new LinearGradient($this->direction($head), repeats: $repeats, space: $space),
            'radial' => $this->radial($head)->with(repeats: $repeats, space: $space),
            default => $this->conic($head)->with(repeats: $repeats, space: $space),
        };
        $reach = match (true) {
            $bare instanceof LinearGradient => hypot($bare->ends($this->width, $this->height)[1]->x - $bare->ends($this->width, $this->height)[0]->x, $bare->ends($this->width, $this->height)[1]->y - $bare->ends($this->width, $this->height)[0]->y),
            $bare instanceof RadialGradient => $bare->radii($this->width, $this->height)[0],
            default => null,
        };
        $stops = $this->stops($arguments, $reach);
        if (count($stops) < 2) {
            throw self::wrong('a gradient needs two colours at least');
        }
        if (count($stops) > Gradient::MAX) {
            throw self::wrong('a gradient has '.Gradient::MAX.' stops at most');
        }

        return $bare->with(stops: $stops);
    }

    /**
     * @param  list<string>  $head
     * @return array{list<string>, Interpolation} the rest of it, and the space
     */
    private static function space(array $head): array
    {
        $at = array_search('in', $head, true);
        if ($at === false) {
            return [$head, Interpolation::Srgb];
        }
        $name = $head[$at + 1] ?? '';
        if (! in_array($name, ['srgb', 'srgb-linear', 'oklab', 'oklch', 'lab', 'lch', 'hsl', 'hwb', 'xyz', 'xyz-d50', 'xyz-d65', 'display-p3'], true)) {
            throw self::wrong("“{$name}” is no colour space");
        }
        $long = ($head[$at + 3] ?? '') === 'hue' ? 4 : 2;
        array_splice($head, $at, $long);

        return [$head, $name === 'srgb' ? Interpolation::Srgb : Interpolation::Oklab];
    }

    /** @param  list<string>  $head */
    private function direction(array $head): float
    {
        if ($head === []) {
            return 180.0;
        }
        if ($head[0] !== 'to') {
            return count($head) === 1 ? fmod(self::angle($head[0]), 360) : throw self::wrong('“'.implode(' ', $head).'” is no direction');
        }
        [$x, $y] = [0, 0];
        foreach (array_slice($head, 1) as $side) {
            $to = self::SIDES[$side] ?? throw self::wrong("“{$side}” is no side");
            [$x, $y] = [$x + $to[0], $y + $to[1]];
        }

        // Towards a corner the middle colour runs through the two corners beside it.
        return match (true) {
            $x === 0 => $y < 0 ? 0.0 : 180.0,
            $y === 0 => $x < 0 ? 270.0 : 90.0,
            default => round(fmod(rad2deg(atan2($x * max($this->height, 1e-6), -$y * max($this->width, 1e-6))) + 360, 360), 3),
        };
    }

    /** @param  list<string>  $head */
    private function radial(array $head): RadialGradient
    {
        [$head, $centre] = $this->centre($head);
        $gradient = new RadialGradient($centre[0], $centre[1]);
        $sizes = [];
        $shape = array_values(array_intersect($head, ['circle', 'ellipse']))[0] ?? null;
        foreach ($head as $word) {
            if ($word === 'circle' || $word === 'ellipse') {
                $gradient = $gradient->with(circle: $word === 'circle');
            } elseif (Extent::tryFrom($word) !== null && $word !== Extent::Own->value) {
                $gradient = $gradient->with(extent: Extent::from($word));
            } else {
                $sizes[] = $word;
            }
        }

        return match (true) {
            $sizes === [] => $gradient,
            count($sizes) === 1 && $shape !== 'ellipse' => $gradient->with(circle: true, extent: Extent::Own, radiusX: $this->radius($sizes[0], $this->width)),
            count($sizes) === 2 && $shape !== 'circle' => $gradient->with(extent: Extent::Own, radiusX: $this->radius($sizes[0], $this->width), radiusY: $this->radius($sizes[1], $this->height)),
            default => throw self::wrong('“'.implode(' ', $sizes).'” is no size'.($shape === null ? '' : ' of '.($shape === 'circle' ? 'a circle' : 'an ellipse'))),
        };
    }

    private function radius(string $text, float $length): float
    {
        $share = $this->share($text, $length);

        return $share >= 0 ? $share : throw self::wrong("“{$text}” is no size: none is less than 0");
    }

    /** @param  list<string>  $head */
    private function conic(array $head): ConicGradient
    {
        [$head, $centre] = $this->centre($head);
        $angle = match (true) {
            $head === [] => 0.0,
            $head[0] === 'from' && count($head) === 2 => fmod(self::angle($head[1]), 360),
            default => throw self::wrong('“'.implode(' ', $head).'” is no angle'),
        };

        return new ConicGradient($centre[0], $centre[1], $angle);
    }

    /**
     * @param  list<string>  $head
     * @return array{list<string>, array{float, float}} the rest of it, and the centre in shares of the box
     */
    private function centre(array $head): array
    {
        $at = array_search('at', $head, true);
        if ($at === false) {
            return [$head, [0.5, 0.5]];
        }
        $words = array_slice($head, $at + 1);
        [$x, $y] = [$words[0] ?? 'center', $words[1] ?? 'center'];
        if (in_array($x, ['top', 'bottom'], true) || in_array($y, ['left', 'right'], true)) {
            [$x, $y] = [$y, $x];
        }
        if ($words === [] || count($words) > 2) {
            throw self::wrong('“'.implode(' ', $words).'” is no place');
        }
        $place = fn (string $word, float $length, string $start, string $end): float => match ($word) {
            $start => 0.0,
            'center' => 0.5,
            $end => 1.0,
            default => $this->share($word, $length),
        };

        return [array_slice($head, 0, $at), [$place($x, $this->width, 'left', 'right'), $place($y, $this->height, 'top', 'bottom')]];
    }

    /**
     * @param  list<list<string>>  $arguments
     * @param  float|null  $reach  what 1 on the line is in px; null where it is a whole turn
     * @return list<Stop> with the places that CSS gives those that say none
     */
    private function stops(array $arguments, ?float $reach): array
    {
        $colours = $at = $hints = [];
        foreach ($arguments as $words) {
            $named = array_values(array_filter($words, fn (string $word): bool => ! is_numeric($word) && CssColour::read($word) !== null));
            $places = array_map(fn (string $word): float => $this->place($word, $reach), array_values(array_diff($words, $named)));
            if ($named === [] && count($places) === 1 && $colours !== [] && ! isset($hints[count($colours) - 1])) {
                $hints[count($colours) - 1] = $places[0];

                continue;
            }
            $colour = count($named) === 1 ? CssColour::read($named[0]) : null;
            if ($colour === null || count($places) > 2) {
                throw self::wrong('“'.implode(' ', $words).'” is no colour with its place');
            }
            foreach ($places === [] ? [null] : $places as $place) {
                $colours[] = $colour;
                $at[] = $place;
            }
        }
        if (isset($hints[count($colours) - 1])) {
            throw self::wrong('a place by itself stands between two colours');
        }
        [$at, $hints] = $at === [] ? [[], []] : self::placed($at, $hints);

        return array_map(fn (int $i): Stop => new Stop($colours[$i], self::bounded($at[$i]), isset($hints[$i]) ? self::bounded($hints[$i]) : null), array_keys($at));
    }

    /**
     * Places for stops that say none: the first at 0, the last at 1, the others evenly between those that do, and the hints, as browsers do
     * it; none lies before what is named before it (CSS Images 4, section 3.4.3).
     *
     * @param  non-empty-list<float|null>  $at
     * @param  array<int, float>  $hints  by the stop after which each is
     * @return array{list<float>, array<int, float>}
     */
    private static function placed(array $at, array $hints): array
    {
        [$at[0], $at[count($at) - 1]] = [$at[0] ?? 0.0, $at[count($at) - 1] ?? 1.0];
        $floor = -INF;
        $waiting = [];
        foreach ($at as $i => $place) {
            if ($place === null) {
                $waiting[] = $i;
            } else {
                self::between($at, $waiting, $floor, $floor = $at[$i] = max($floor, $place));
            }
            if (isset($hints[$i])) {
                self::between($at, $waiting, $floor, $floor = $hints[$i] = max($floor, $hints[$i]));
            }
        }

        return [array_map(floatval(...), array_values($at)), $hints];
    }

    /**
     * @param  array<int, float|null>  $at  filled in
     * @param  list<int>  $waiting  the stops that lie evenly between two places; none afterwards
     */
    private static function between(array &$at, array &$waiting, float $from, float $to): void
    {
        foreach ($waiting as $k => $i) {
            $at[$i] = $from + ($to - $from) * ($k + 1) / (count($waiting) + 1);
        }
        $waiting = [];
    }

    private function place(string $text, ?float $reach): float
    {
        return $reach === null && ! str_ends_with($text, '%') ? self::angle($text) / 360 : $this->share($text, $reach ?? 1.0);
    }

    /** A percentage, or px of a length, as a share of it. */
    private function share(string $text, float $length): float
    {
        if (preg_match('/^([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)(%|px)?$/D', $text, $match) !== 1 || (($match[2] ?? '') === '' && (float) $match[1] !== 0.0)) {
            throw self::wrong("“{$text}” is neither a percentage nor a length in px");
        }

        return self::bounded(($match[2] ?? '') === '%' ? (float) $match[1] / 100 : ($length > 0 ? (float) $match[1] / $length : 0.0));
    }

    private static function angle(string $text): float
    {
        if (preg_match('/^([+-]?(?:\d+\.?\d*|\.\d+))(deg|grad|rad|turn)?$/D', $text, $match) !== 1 || (($match[2] ?? '') === '' && (float) $match[1] !== 0.0)) {
            throw self::wrong("“{$text}” is no angle; write it like 45deg");
        }

        return round((float) $match[1] * self::ANGLES[$match[2] ?? 'deg'], 3);
    }

    private static function bounded(float $share): float
    {
        return round(max(-(float) Stop::FURTHEST, min((float) Stop::FURTHEST, $share)), 6);
    }

    private static function wrong(string $problem): InvalidInput
    {
        return new InvalidInput('value', ucfirst($problem));
    }
}
