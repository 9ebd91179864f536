<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Cue\Easing;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenValue;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Token\Value\CubicBezierToken;
use Kindred\Document\Token\Value\DimensionToken;
use Kindred\Document\Token\Value\DurationToken;
use Kindred\Document\Token\Value\FontFamilyToken;
use Kindred\Document\Token\Value\FontWeightToken;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Document\Token\Value\LengthUnit;
use Kindred\Document\Token\Value\NumberToken;
use Kindred\Document\Token\Value\OtherToken;
use Kindred\Document\Token\Value\ShadowToken;
use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Css\CssColour;
use Kindred\Type\TextStyle;

/** Reads the values of design tokens (Design Tokens Format Module 2025.10, sections 8 and 9; Color Module 2025.10). */
final readonly class Values
{
    public const TYPES = ['color', 'dimension', 'fontFamily', 'fontWeight', 'duration', 'cubicBezier', 'number', 'strokeStyle', 'border', 'transition', 'shadow', 'gradient', 'typography'];

    /** Section 8.4 of the format. */
    public const WEIGHTS = [
        'thin' => 100, 'hairline' => 100, 'extra-light' => 200, 'ultra-light' => 200, 'light' => 300, 'normal' => 400, 'regular' => 400, 'book' => 400,
        'medium' => 500, 'semi-bold' => 600, 'demi-bold' => 600, 'bold' => 700, 'extra-bold' => 800, 'ultra-bold' => 800, 'black' => 900, 'heavy' => 900, 'extra-black' => 950, 'ultra-black' => 950,
    ];

    private const STROKES = ['solid', 'dashed', 'dotted', 'double', 'groove', 'ridge', 'outset', 'inset'];

    /** How CSS names the spaces that are functions of their own, and what 1 of a component is there. */
    private const SPACES = ['hsl' => ['hsl', ['', '%', '%']], 'hwb' => ['hwb', ['', '%', '%']], 'lab' => ['lab', ['', '', '']], 'lch' => ['lch', ['', '', '']], 'oklab' => ['oklab', ['', '', '']], 'oklch' => ['oklch', ['', '', '']]];

    private const OTHER_SPACES = ['srgb', 'srgb-linear', 'display-p3', 'a98-rgb', 'prophoto-rgb', 'rec2020', 'xyz-d65', 'xyz-d50'];

    /** @param  \Closure(string, string): Token  $find  the token of a name, for a place */
    public function __construct(private \Closure $find)
    {
    }

    /** The name in `{name}`; null where a value is none. */
    public static function alias(mixed $value): ?string
    {
        return is_string($value) && preg_match('/^\{([^{}]+)\}$/D', $value, $match) === 1 ? $match[1] : null;
    }

    public function token(string $name, string $at): Token
    {
        return ($this->find)($name, $at);
    }

    /**
     * @return array{TokenValue, array<string, string>} with the ids of the tokens that parts of it are, by the paths of these
     *
     * @throws InvalidInput naming the place
     */
    public function of(string $type, mixed $value, string $at): array
    {
        return match ($type) {
            'color' => [new ColourToken($this->colour($value, $at)), []],
            'dimension' => [$this->dimension($value, $at), []],
            'number' => [new NumberToken($this->number($value, $at)), []],
            'fontFamily' => [new FontFamilyToken($this->families($value, $at)), []],
            'fontWeight' => [new FontWeightToken($this->weight($value, $at)), []],
            'duration' => [new DurationToken($this->duration($value, $at)), []],
            'cubicBezier' => [new CubicBezierToken($this->easing($value, $at)), []],
            'typography' => $this->typography($value, $at),
            'shadow' => $this->shadows($value, $at),
            'gradient' => $this->gradient($value, $at),
            'border' => $this->other($type, $value, ['color' => 'color', 'width' => 'dimension', 'style' => 'strokeStyle'], $at),
            'transition' => $this->other($type, $value, ['duration' => 'duration', 'delay' => 'duration', 'timingFunction' => 'cubicBezier'], $at),
            default => $this->strokeStyle($value, $at),
        };
    }

    private function colour(mixed $value, string $at): Colour
    {
        if (is_string($value)) {
            return CssColour::read($value) ?? throw new InvalidInput($at, "“{$value}” is not a colour");
        }
        $of = self::object($value, $at);
        $space = $of['colorSpace'] ?? null;
        $components = $of['components'] ?? null;
        if (! is_string($space) || ! (isset(self::SPACES[$space]) || in_array($space, self::OTHER_SPACES, true))) {
            throw new InvalidInput("{$at}.colorSpace", 'one of these is expected: '.implode(', ', [...array_keys(self::SPACES), ...self::OTHER_SPACES]));
        }
        if (! is_array($components) || count($components) !== 3 || array_filter($components, fn (mixed $one): bool => ! is_int($one) && ! is_float($one) && $one !== 'none') !== []) {
            throw new InvalidInput("{$at}.components", 'three numbers are expected, or “none”');
        }
        $alpha = $of['alpha'] ?? 1;
        if ((! is_int($alpha) && ! is_float($alpha)) || $alpha < 0 || $alpha > 1) {
            throw new InvalidInput("{$at}.alpha", 'a number from 0 to 1 is expected');
        }
        if (isset($of['hex']) && (! is_string($of['hex']) || preg_match('/^#[0-9a-f]{6}$/Di', $of['hex']) !== 1)) {
            throw new InvalidInput("{$at}.hex", 'six digits after # are expected');
        }
        [$name, $units] = self::SPACES[$space] ?? ["color({$space}", ['', '', '']];
        $parts = array_map(fn (mixed $one, string $unit): string => $one === 'none' ? 'none' : json_encode($one).$unit, array_values($components), $units);
        $css = (isset(self::SPACES[$space]) ? "{$name}(" : "{$name} ").implode(' ', $parts).' / '.json_encode($alpha).')';

        return CssColour::read($css) ?? (isset($of['hex']) ? Colour::parse($of['hex'])->withAlpha((float) $alpha) : throw new InvalidInput($at, "colours of {$space} can be read only with a hex beside them"));
    }

    private function dimension(mixed $value, string $at): DimensionToken
    {
        [$number, $unit] = self::measure($value, ['px', 'rem'], $at);

        return new DimensionToken($number, LengthUnit::from($unit));
    }

    private function duration(mixed $value, string $at): float
    {
        [$number, $unit] = self::measure($value, ['ms', 's'], $at);
        $ms = $unit === 's' ? $number * 1000 : $number;

        return $ms >= 0 && $ms <= 3_600_000 ? $ms : throw new InvalidInput($at, 'a duration from 0 to 3,600 s is expected');
    }

    /**
     * @param  non-empty-list<string>  $units
     * @return array{float, string}
     */
    private static function measure(mixed $value, array $units, string $at): array
    {
        if (is_string($value) && preg_match('/^(-?\d*\.?\d+(?:e-?\d+)?)('.implode('|', $units).')$/D', $value, $match) === 1) {
            return [(float) $match[1], $match[2]];
        }
        if ($value === 0) {
            return [0.0, $units[0]];
        }
        $of = is_array($value) ? $value : throw new InvalidInput($at, 'a value with its unit is expected, such as {"value": 16, "unit": "'.$units[0].'"}');
        if (! is_int($of['value'] ?? null) && ! is_float($of['value'] ?? null)) {
            throw new InvalidInput("{$at}.value", 'a number is expected');
        }
        if (! in_array($of['unit'] ?? null, $units, true)) {
            throw new InvalidInput("{$at}.unit", 'one of these is expected: '.implode(', ', $units));
        }
        if (abs($of['value']) > 100_000) {
            throw new InvalidInput("{$at}.value", 'a number up to 100,000 is expected');
        }

        return [(float) $of['value'], $of['unit']];
    }

    private function number(mixed $value, string $at): float
    {
        return (is_int($value) || is_float($value)) && abs($value) <= 100_000 ? (float) $value : throw new InvalidInput($at, 'a number up to 100,000 is expected');
    }

    /** @return list<string> */
    private function families(mixed $value, string $at): array
    {
        $all = is_string($value) ? [$value] : $value;
        if (! is_array($all) || $all === [] || count($all) > 20 || array_filter($all, fn (mixed $one): bool => ! is_string($one) || $one === '' || mb_strlen($one) > 80) !== []) {
            throw new InvalidInput($at, 'the name of a family is expected, or a list of up to 20');
        }

        return array_values(array_filter($all, is_string(...)));
    }

    private function weight(mixed $value, string $at): int
    {
        $weight = is_string($value) ? self::WEIGHTS[$value] ?? null : (is_int($value) || is_float($value) ? (int) round($value) : null);

        return $weight !== null && $weight >= 1 && $weight <= 1000 ? $weight : throw new InvalidInput($at, 'a weight from 1 to 1000 is expected, or one of '.implode(', ', array_keys(self::WEIGHTS)));
    }

    private function easing(mixed $value, string $at): Easing
    {
        if (! is_array($value) || count($value) !== 4 || array_filter($value, fn (mixed $one): bool => ! is_int($one) && ! is_float($one)) !== []) {
            throw new InvalidInput($at, 'four numbers are expected');
        }

        return Easing::parse('cubic-bezier('.implode(',', array_map(fn (mixed $one): string => is_int($one) || is_float($one) ? sprintf('%.6F', $one) : '', $value)).')', $at);
    }

    /** @return array{TypographyToken, array<string, string>} */
    private function typography(mixed $value, string $at): array
    {
        $of = self::object($value, $at);
        $bound = [];
        $part = function (string $key, string $type, string $path) use ($of, $at, &$bound): ?TokenValue {
            return $this->part($of, $key, $type, $path, $at, $bound);
        };
        $family = $part('fontFamily', 'fontFamily', 'style.family');
        $size = $part('fontSize', 'dimension', 'style.size');
        $weight = $part('fontWeight', 'fontWeight', 'style.weight');
        // Tracking is kept in em, which a length is not.
        $tracking = $part('letterSpacing', 'dimension', '');
        $line = $part('lineHeight', 'number', 'style.lineHeight');
        $px = $size instanceof DimensionToken ? $size->px() : 16.0;
        if ($px < 1 || $px > 1000) {
            throw new InvalidInput("{$at}.fontSize", 'a size from 1 to 1,000 px is expected');
        }
        if ($line instanceof NumberToken && ($line->value < 0.5 || $line->value > 5)) {
            throw new InvalidInput("{$at}.lineHeight", 'a line height from 0.5 to 5 is expected');
        }
        $style = new TextStyle(
            $family instanceof FontFamilyToken ? $family->value[0] : (new TextStyle)->family,
            $weight instanceof FontWeightToken ? $weight->value : 400,
            $px,
            $line instanceof NumberToken ? $line->value : 1.4,
            $tracking instanceof DimensionToken ? max(-0.5, min(2.0, round($tracking->px() / $px, 4))) : 0.0,
        );

        return [new TypographyToken($style), $bound];
    }

    /** @return array{ShadowToken, array<string, string>} */
    private function shadows(mixed $value, string $at): array
    {
        $all = is_array($value) && $value !== [] && array_is_list($value) ? $value : [$value];
        if (count($all) > 16) {
            throw new InvalidInput($at, 'at most 16 shadows can lie on each other');
        }
        [$shadows, $bound] = [[], []];
        foreach ($all as $i => $one) {
            $place = is_array($value) && array_is_list($value) ? "{$at}[{$i}]" : $at;
            $of = self::object($one, $place);
            $px = function (string $key) use ($of, $place, $i, &$bound): float {
                $length = $this->part($of, $key, 'dimension', "shadows.{$i}.{$key}", $place, $bound) ?? ($key === 'spread' ? null : self::missing($key, $place));

                return $length instanceof DimensionToken ? $length->px() : 0.0;
            };
            $colour = $this->part($of, 'color', 'color', "shadows.{$i}.colour", $place, $bound) ?? self::missing('color', $place);
            $shadow = new Shadow($colour instanceof ColourToken ? $colour->value : Colour::parse('#00000040'), $px('offsetX'), $px('offsetY'), max(0.0, $px('blur')), $px('spread'), ($of['inset'] ?? false) === true);
            $shadows[] = Shadow::read(Reader::of($shadow->toArray(), $place));
        }

        return [new ShadowToken($shadows), $bound];
    }

    /**
     * A part of a value, or the token that it is; null where it is not there.
     *
     * @param  array<array-key, mixed>  $of
     * @param  string  $path  of the property that is bound to a token then; empty where none can be
     * @param  array<string, string>  $bound  added to
     */
    private function part(array $of, string $key, string $type, string $path, string $at, array &$bound): ?TokenValue
    {
        if (! array_key_exists($key, $of)) {
            return null;
        }
        $target = self::alias($of[$key]);
        if ($target === null) {
            return $this->of($type, $of[$key], "{$at}.{$key}")[0];
        }
        $token = $this->typed($target, $type, "{$at}.{$key}");
        $bound += $path === '' ? [] : [$path => $token->id];

        return $token->value;
    }

    private static function missing(string $key, string $at): never
    {
        throw new InvalidInput("{$at}.{$key}", 'this part is missing');
    }

    /** @return array{GradientToken, array<string, string>} */
    private function gradient(mixed $value, string $at): array
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) < 2 || count($value) > 32) {
            throw new InvalidInput($at, 'a list of 2 to 32 stops is expected');
        }
        [$stops, $bound] = [[], []];
        foreach ($value as $i => $one) {
            $of = self::object($one, "{$at}[{$i}]");
            $colour = $this->part($of, 'color', 'color', "paint.stops.{$i}.colour", "{$at}[{$i}]", $bound) ?? self::missing('color', "{$at}[{$i}]");
            $place = $this->part($of, 'position', 'number', '', "{$at}[{$i}]", $bound) ?? self::missing('position', "{$at}[{$i}]");
            $stops[] = new Stop($colour instanceof ColourToken ? $colour->value : Colour::rgb(255, 255, 255), $place instanceof NumberToken ? max(0.0, min(1.0, $place->value)) : 0.0);
        }

        return [new GradientToken(new LinearGradient(stops: $stops)), $bound];
    }

    /**
     * @param  array<string, string>  $parts  types by key
     * @return array{OtherToken, array<string, string>}
     */
    private function other(string $type, mixed $value, array $parts, string $at): array
    {
        $of = self::object($value, $at);
        $bound = [];
        foreach ($parts as $key => $kind) {
            $this->part($of, $key, $kind, OtherToken::PART.$key, $at, $bound) ?? self::missing($key, $at);
        }

        return [OtherToken::holding($type, $value), $bound];
    }

    /** @return array{OtherToken, array<string, string>} */
    private function strokeStyle(mixed $value, string $at): array
    {
        $bound = [];
        if (is_string($value) && ! in_array($value, self::STROKES, true)) {
            throw new InvalidInput($at, 'one of these is expected: '.implode(', ', self::STROKES));
        }
        if (! is_string($value)) {
            $of = self::object($value, $at);
            if (! is_array($of['dashArray'] ?? null) || ! in_array($of['lineCap'] ?? null, ['round', 'butt', 'square'], true)) {
                throw new InvalidInput($at, 'a dashArray and a lineCap (round, butt, square) are expected');
            }
            foreach (array_keys($of['dashArray']) as $i) {
                $this->part($of['dashArray'], (string) $i, 'dimension', OtherToken::PART."dashArray.{$i}", "{$at}.dashArray", $bound);
            }
        }

        return [OtherToken::holding('strokeStyle', $value), $bound];
    }

    private function typed(string $name, string $type, string $at): Token
    {
        $token = $this->token($name, $at);

        return Written::type($token) === $type ? $token : throw new InvalidInput($at, "“{$name}” is a ".Written::type($token).", where a {$type} is expected");
    }

    /** @return array<array-key, mixed> */
    private static function object(mixed $value, string $at): array
    {
        return is_array($value) && $value !== [] && ! array_is_list($value) ? $value : throw new InvalidInput($at, 'an object is expected here');
    }
}
