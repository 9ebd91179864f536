<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Token\Value\DimensionToken;
use Kindred\Geometry\Number;
use Kindred\Input\Reader;

/** What aspects share whose values are lengths in px. */
trait IsLength
{
    /** So many times as large, at most. */
    private const RATIO = 1.1;

    /** Or so many px larger. */
    private const STEP = 1.0;

    public static function nearness(): string
    {
        return 'Up to a tenth larger, or '.Number::text(self::STEP).' px';
    }

    public static function value(mixed $plain): DimensionToken
    {
        return DimensionToken::read(Reader::of(['value' => $plain]));
    }

    public static function shown(mixed $plain): string
    {
        return is_numeric($plain) ? Number::text((float) $plain).' px' : '';
    }

    public static function distance(mixed $one, mixed $other): float
    {
        [$small, $large] = [min(self::px($one), self::px($other)), max(self::px($one), self::px($other))];

        return min(($large - $small) / self::STEP, $small <= 0 ? INF : log($large / $small) / log(self::RATIO));
    }

    private static function px(mixed $plain): float
    {
        return is_numeric($plain) ? (float) $plain : 0.0;
    }

    private static function written(string $name, mixed $plain): string
    {
        return "{$name}\":".json_encode($plain, JSON_THROW_ON_ERROR);
    }
}
