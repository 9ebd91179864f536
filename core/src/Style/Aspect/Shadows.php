<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Token\Value\ShadowToken;
use Kindred\Input\Reader;
use Kindred\Property\Properties;
use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** Shadows, each by itself. */
final class Shadows implements Aspect
{
    /** Lengths up to so many px apart. */
    private const NEAR = 2.0;

    public static function key(): string
    {
        return 'shadows';
    }

    public static function label(): string
    {
        return 'Shadows';
    }

    public static function nearness(): string
    {
        return 'Lengths up to 2 px and colours up to '.Colours::NEAR.' in OKLab apart';
    }

    public static function in(array $written): array
    {
        $found = [];
        foreach (Written::entries($written, 'effects') as $i => $effect) {
            if (! isset($effect['kind']) || $effect['kind'] === Shadow::kind()) {
                $found["effects.{$i}.effect"] = array_intersect_key($effect, Properties::of(Shadow::class)->all);
            }
        }

        return $found;
    }

    public static function value(mixed $plain): ShadowToken
    {
        return ShadowToken::read(Reader::of(['shadows' => [$plain]]));
    }

    public static function shown(mixed $plain): string
    {
        return self::value($plain)->css();
    }

    public static function distance(mixed $one, mixed $other): float
    {
        [$a, $b] = [self::value($one)->shadows[0], self::value($other)->shadows[0]];
        if ($a->inner !== $b->inner) {
            return INF;
        }

        return max(Colours::distance($a->colour->toHex(), $b->colour->toHex()), ...array_map(fn (float $of, float $than): float => abs($of - $than) / self::NEAR,
            [$a->offsetX, $a->offsetY, $a->blur, $a->spread], [$b->offsetX, $b->offsetY, $b->blur, $b->spread]));
    }

    public static function trace(mixed $plain): string
    {
        return Colours::trace(is_array($plain) ? $plain['colour'] ?? null : null);
    }
}
