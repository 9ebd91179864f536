<?php

declare(strict_types=1);

namespace Kindred\Style\Aspect;

use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Input\Reader;
use Kindred\Property\Properties;
use Kindred\Style\Aspect;
use Kindred\Style\Written;

/** Gradients of fills and strokes. */
final class Gradients implements Aspect
{
    /** Places of stops up to such a share of the line apart. */
    private const NEAR = 0.05;

    public static function key(): string
    {
        return 'gradients';
    }

    public static function label(): string
    {
        return 'Gradients';
    }

    public static function nearness(): string
    {
        return 'The same line, with stops up to 5 % and colours up to '.Colours::NEAR.' in OKLab apart';
    }

    public static function in(array $written): array
    {
        $found = [];
        foreach (['fills', 'strokes'] as $list) {
            foreach (Written::entries($written, $list) as $i => $coat) {
                if (is_array($coat['stops'] ?? null)) {
                    $found["{$list}.{$i}.paint"] = self::plain($coat);
                }
            }
        }

        return $found;
    }

    public static function value(mixed $plain): GradientToken
    {
        return GradientToken::read(Reader::of(['paint' => $plain]));
    }

    public static function shown(mixed $plain): string
    {
        return self::value($plain)->css();
    }

    public static function distance(mixed $one, mixed $other): float
    {
        [$a, $b] = [is_array($one) ? $one : [], is_array($other) ? $other : []];
        [$from, $to] = [Written::entries($a, 'stops'), Written::entries($b, 'stops')];
        if (count($from) !== count($to) || array_diff_key($a, ['stops' => 1]) !== array_diff_key($b, ['stops' => 1])) {
            return INF;
        }
        $far = 0.0;
        foreach ($from as $i => $stop) {
            $at = fn (array $of): float => is_numeric($of['at'] ?? null) ? (float) $of['at'] : 0.0;
            $far = max($far, Colours::distance($stop['colour'] ?? '#000', $to[$i]['colour'] ?? '#000'), abs($at($stop) - $at($to[$i])) / self::NEAR);
        }

        return $far;
    }

    public static function trace(mixed $plain): string
    {
        return Colours::trace(Written::entries(is_array($plain) ? $plain : [], 'stops')[0]['colour'] ?? null);
    }

    /**
     * Without what is not of the gradient: how strong the coat is, and what it is bound to.
     *
     * @param  array<array-key, mixed>  $coat
     * @return array<array-key, mixed>
     */
    private static function plain(array $coat): array
    {
        $plain = array_diff_key($coat, Properties::of(Fill::class)->all, Properties::of(Stroke::class)->all);

        return ['stops' => array_map(fn (array $stop): array => array_diff_key($stop, ['bound' => 1]), Written::entries($coat, 'stops'))] + $plain;
    }
}
