<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * The main colours of a picture: its colours gathered about a few middles that look far apart (k-means in Oklab, begun with
 * the commonest colours that differ).
 */
final class Palette
{
    private const ROUNDS = 12;

    /** Colours closer than this look the same beside each other. */
    private const APART = 0.08;

    /** Middles of less than this share of the picture are left out. */
    private const MIN = 0.01;

    /**
     * @param  list<array{int, int, int, int|float}>  $pixels  red, green, blue from 0 to 255, and how many there are
     * @return list<array{colour: Colour, share: float}> most of the picture first; shares from 0 to 1
     */
    public static function of(array $pixels, int $max = 6): array
    {
        $points = array_map(fn (array $pixel): array => [Oklab::ofChannels($pixel[0], $pixel[1], $pixel[2]), (float) $pixel[3]], $pixels);
        $total = array_sum(array_column($points, 1));
        if ($total <= 0) {
            return [];
        }
        usort($points, fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $middles = self::beginning($points, $max);
        $weights = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$middles, $weights] = self::gathered($points, $middles);
        }
        $out = [];
        foreach ($middles as $i => $middle) {
            if ($weights[$i] / $total >= self::MIN) {
                $out[] = ['colour' => $middle->colour(), 'share' => round($weights[$i] / $total, 4)];
            }
        }
        usort($out, fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return $out;
    }

    /**
     * @param  list<array{Oklab, float}>  $points  the commonest first
     * @return list<Oklab>
     */
    private static function beginning(array $points, int $max): array
    {
        $middles = [];
        foreach ([self::APART * 2, self::APART] as $apart) {
            foreach ($points as [$point]) {
                if (count($middles) < $max && self::nearest($point, $middles)[1] > $apart) {
                    $middles[] = $point;
                }
            }
        }

        return $middles;
    }

    /**
     * @param  list<array{Oklab, float}>  $points
     * @param  list<Oklab>  $middles
     * @return array{list<Oklab>, list<float>} where the middles are now, and how much lies about each
     */
    private static function gathered(array $points, array $middles): array
    {
        $sums = array_fill(0, count($middles), [0.0, 0.0, 0.0, 0.0]);
        foreach ($points as [$point, $weight]) {
            [$i] = self::nearest($point, $middles);
            $sums[$i] = [$sums[$i][0] + $weight * $point->lightness, $sums[$i][1] + $weight * $point->a, $sums[$i][2] + $weight * $point->b, $sums[$i][3] + $weight];
        }
        $moved = array_map(
            fn (array $sum, Oklab $middle): Oklab => $sum[3] > 0 ? new Oklab($sum[0] / $sum[3], $sum[1] / $sum[3], $sum[2] / $sum[3]) : $middle,
            $sums, $middles,
        );

        return [$moved, array_column($sums, 3)];
    }

    /**
     * @param  list<Oklab>  $middles
     * @return array{int, float} which, and how far away
     */
    private static function nearest(Oklab $point, array $middles): array
    {
        $best = [0, INF];
        foreach ($middles as $i => $middle) {
            $distance = $point->distance($middle);
            if ($distance < $best[1]) {
                $best = [$i, $distance];
            }
        }

        return $best;
    }
}
