<?php

declare(strict_types=1);

namespace Kindred\Motion;

use Kindred\Geometry\Number;
use Kindred\Paint\Colour;
use Kindred\Paint\Interpolation;

/**
 * What lies between two values. Numbers go evenly from one to the other, colours through OKLab with their alpha multiplied in (CSS Color 4,
 * section 12), values of several parts part by part; what has nothing in between becomes the other half-way (CSS Values 4, section 3).
 */
final class Tween
{
    /** Colours and numbers in the attributes of SVG. */
    public const NUMBERS = '/#[0-9a-f]{6}(?:[0-9a-f]{2})?|-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/i';

    /**
     * @template T
     *
     * @param  T  $from
     * @param  T  $to
     * @param  float  $at  0 at the first, 1 at the second
     * @return T
     */
    public static function between(mixed $from, mixed $to, float $at): mixed
    {
        $between = match (true) {
            $at <= 0.0, $from === $to => $from,
            $at >= 1.0 => $to,
            is_float($from) && is_float($to) => self::number($from, $to, $at),
            is_int($from) && is_int($to) => (int) round(self::number($from, $to, $at)),
            $from instanceof Colour && $to instanceof Colour => self::colour($from, $to, $at),
            is_array($from) && is_array($to) && array_keys($from) === array_keys($to) => array_combine(array_keys($from), array_map(fn (mixed $a, mixed $b): mixed => self::between($a, $b, $at), $from, $to)),
            is_object($from) && is_object($to) && $from::class === $to::class && ! $from instanceof \UnitEnum => self::parts($from, $to, $at),
            default => $at < 0.5 ? $from : $to,
        };

        return $between; // @phpstan-ignore return.type (what lies between two values of a type is one of it)
    }

    public static function number(float $from, float $to, float $at): float
    {
        return $from + ($to - $from) * $at;
    }

    public static function colour(Colour $from, Colour $to, float $at): Colour
    {
        [$first, $last] = [Interpolation::Oklab->mixable($from), Interpolation::Oklab->mixable($to)];
        [$red, $green, $blue, $alpha] = Interpolation::Oklab->srgb([
            self::number($first[0], $last[0], $at), self::number($first[1], $last[1], $at), self::number($first[2], $last[2], $at), self::number($first[3], $last[3], $at),
        ]);

        return Colour::ofSrgb($red, $green, $blue, $alpha);
    }

    /**
     * Text that has numbers and colours in it, as attributes of SVG do: null where one does not become the other by these alone.
     */
    public static function text(string $from, string $to, float $at): ?string
    {
        if ($from === $to) {
            return $from;
        }
        $isColour = fn (string $one): bool => $one[0] === '#';
        preg_match_all(self::NUMBERS, $from, $first);
        preg_match_all(self::NUMBERS, $to, $last);
        if (preg_replace(self::NUMBERS, '0', $from) !== preg_replace(self::NUMBERS, '0', $to) || array_map($isColour, $first[0]) !== array_map($isColour, $last[0])) {
            return null;
        }
        $i = 0;

        return preg_replace_callback(self::NUMBERS, function (array $one) use ($last, $at, $isColour, &$i): string {
            $other = $last[0][$i++];

            return $isColour($one[0]) ? self::colour(Colour::parse($one[0]), Colour::parse($other), $at)->toHex() : Number::text(self::number((float) $one[0], (float) $other, $at));
        }, $from);
    }

    private static function parts(object $from, object $to, float $at): object
    {
        $parts = self::between(get_object_vars($from), get_object_vars($to), $at);
        $constructor = (new \ReflectionClass($from))->getConstructor();
        // What is not made of its parts alone has nothing in between.
        if ($constructor === null || ! $constructor->isPublic() || array_map(fn (\ReflectionParameter $one): string => $one->getName(), $constructor->getParameters()) !== array_keys($parts)) {
            return $at < 0.5 ? $from : $to;
        }

        return new ($from::class)(...$parts);
    }
}
