<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Token\Value\ColourToken;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** Colours of fills, strokes, stops, shadows, words and screens, as hex. */
final class Colours implements Aspect
{
    /** Distance in Oklab (Ottosson 2020); 0.02 is about what is just told apart side by side. */
    public const NEAR = 0.02;

    private const NEAR_ALPHA = 0.06;

    public static function key(): string
    {
        return 'colours';
    }

    public static function label(): string
    {
        return 'Colours';
    }

    public static function nearness(): string
    {
        return 'Up to '.self::NEAR.' apart in OKLab';
    }

    public static function in(array $written): array
    {
        $found = [];
        foreach (['fills', 'strokes'] as $list) {
            foreach (Written::entries($written, $list) as $i => $coat) {
                if (is_string($coat['colour'] ?? null)) {
                    $found["{$list}.{$i}.paint"] = $coat['colour'];
                }
                foreach (Written::entries($coat, 'stops') as $j => $stop) {
                    $found["{$list}.{$i}.stops.{$j}.colour"] = $stop['colour'] ?? null;
                }
            }
        }
        foreach (['effects', 'runs'] as $list) {
            foreach (Written::entries($written, $list) as $i => $one) {
                $found["{$list}.{$i}.colour"] = $one['colour'] ?? null;
            }
        }
        $found['ground'] = $written['ground'] ?? null;

        // What is not to be seen has no colour.
        return array_filter($found, fn (mixed $hex): bool => is_string($hex) && ! (strlen($hex) === 9 && str_ends_with($hex, '00')));
    }

    public static function value(mixed $plain): ColourToken
    {
        return ColourToken::read(Reader::of(['value' => $plain]));
    }

    public static function shown(mixed $plain): string
    {
        return is_string($plain) ? $plain : '';
    }

    public static function distance(mixed $one, mixed $other): float
    {
        [[$a, $alpha], [$b, $beta]] = [self::place(self::shown($one)), self::place(self::shown($other))];

        return max($a->distance($b) / self::NEAR, abs($alpha - $beta) / self::NEAR_ALPHA);
    }

    public static function trace(mixed $plain): string
    {
        return 'colour":'.json_encode($plain, JSON_THROW_ON_ERROR);
    }

    /** @return array{Oklab, float} with its alpha; each colour is looked at many times */
    private static function place(string $hex): array
    {
        /** @var array<string, array{Oklab, float}> $known */
        static $known = [];
        if (! isset($known[$hex])) {
            $colour = Colour::parse($hex);
            $known[$hex] = [Oklab::of($colour->withAlpha(1)), $colour->alpha];
        }

        return $known[$hex];
    }
}
