<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Geometry\Number;
use Kindred\Input\Reader;
use Kindred\Style\Aspect;

/** How words are set: family, weight, size, line height, tracking. */
final class TypeStyles implements Aspect
{
    /** Of the same family and weight: sizes up to so many times as large, and line heights and tracking up to so far apart. */
    private const RATIO = 1.1;

    private const LINE_HEIGHT = 0.1;

    private const TRACKING = 0.02;

    public static function key(): string
    {
        return 'type';
    }

    public static function label(): string
    {
        return 'Type styles';
    }

    public static function nearness(): string
    {
        return 'Same family and weight, sizes up to a tenth larger';
    }

    public static function in(array $written): array
    {
        $style = is_array($written['style'] ?? null) ? array_intersect_key($written['style'], array_flip(TypographyToken::PARTS)) : [];

        return isset($style['family'], $style['weight'], $style['size'], $style['lineHeight']) ? ['style' => array_filter($style, fn (mixed $part): bool => $part !== 0 && $part !== 0.0)] : [];
    }

    public static function value(mixed $plain): TypographyToken
    {
        return TypographyToken::read(Reader::of(['style' => $plain]));
    }

    public static function shown(mixed $plain): string
    {
        $style = self::value($plain)->style;

        return self::value($plain)->css().($style->letterSpacing === 0.0 ? '' : ', tracking '.Number::text($style->letterSpacing));
    }

    public static function distance(mixed $one, mixed $other): float
    {
        [$a, $b] = [self::parts($one), self::parts($other)];
        if ($a['family'] !== $b['family'] || $a['weight'] !== $b['weight']) {
            return INF;
        }

        return max(abs(log($a['size'] / $b['size'])) / log(self::RATIO), abs($a['lineHeight'] - $b['lineHeight']) / self::LINE_HEIGHT, abs($a['letterSpacing'] - $b['letterSpacing']) / self::TRACKING);
    }

    public static function trace(mixed $plain): string
    {
        return 'size":'.json_encode(is_array($plain) ? $plain['size'] ?? null : null, JSON_THROW_ON_ERROR);
    }

    /** @return array{family: string, weight: int, size: float, lineHeight: float, letterSpacing: float} */
    private static function parts(mixed $plain): array
    {
        $style = self::value($plain)->style;

        return ['family' => $style->family, 'weight' => $style->weight, 'size' => $style->size, 'lineHeight' => $style->lineHeight, 'letterSpacing' => $style->letterSpacing];
    }
}
