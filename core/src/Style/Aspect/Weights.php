<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Token\Value\FontWeightToken;
use Kindred\Input\Reader;
use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** How heavy words are, 1 to 1000. */
final class Weights implements Aspect
{
    public static function key(): string
    {
        return 'weights';
    }

    public static function label(): string
    {
        return 'Weights';
    }

    public static function nearness(): string
    {
        return 'Less than 100 apart';
    }

    public static function in(array $written): array
    {
        $found = is_array($written['style'] ?? null) ? ['style.weight' => $written['style']['weight'] ?? null] : [];
        foreach (Written::entries($written, 'runs') as $i => $run) {
            $found["runs.{$i}.weight"] = $run['weight'] ?? null;
        }

        return array_filter($found, is_int(...));
    }

    public static function value(mixed $plain): FontWeightToken
    {
        return FontWeightToken::read(Reader::of(['value' => $plain]));
    }

    public static function shown(mixed $plain): string
    {
        return is_int($plain) ? (string) $plain : '';
    }

    public static function distance(mixed $one, mixed $other): float
    {
        return is_int($one) && is_int($other) ? abs($one - $other) / 99 : INF;
    }

    public static function trace(mixed $plain): string
    {
        return 'weight":'.json_encode($plain, JSON_THROW_ON_ERROR);
    }
}
