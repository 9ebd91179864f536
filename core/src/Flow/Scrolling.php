<?php

declare(strict_types=1);

namespace Kindred\Flow;

/**
 * How what is scrolled by a finger moves. It goes with the finger; beyond its ends by less and less, never by more than `band` times what is
 * seen of it. Let go in motion, it slows down as what is rubbed does, so that what is left of its way shrinks to 1/e in `glide` ms, and comes to rest
 * after its speed times that; where it snaps, at the stop nearest to that place, of a slow one in its direction the next. What is
 * beyond an end, or has a stop to go to, comes there with what is left shrinking to 1/e in `settle` ms.
 *
 * Places are in px that it is scrolled, along one axis; speeds in px/ms. The player does the same with the same numbers.
 */
final class Scrolling
{
    public const RULES = ['glide' => 325.0, 'settle' => 90.0, 'band' => 0.55, 'flick' => 0.3, 'rest' => 0.5];

    /**
     * Where it is when the finger has asked for a place.
     *
     * @param  float  $far  as far as it can be scrolled
     * @param  float  $seen  how much of it is seen
     */
    public static function held(float $asked, float $far, float $seen, bool $bounce): float
    {
        $over = $asked < 0 ? -$asked : max(0.0, $asked - $far);
        $within = max(0.0, min($far, $asked));
        if ($over <= 0 || ! $bounce) {
            return $within;
        }
        $band = self::RULES['band'] * $seen;
        $gives = $band * (1 - 1 / ($over / $band + 1));

        return $asked < 0 ? -$gives : $far + $gives;
    }

    /**
     * Where it comes to rest that is let go.
     *
     * @param  float  $at  where it is
     * @param  float  $speed  of what it is scrolled
     * @param  list<float>  $stops  none where it does not snap
     */
    public static function rest(float $at, float $speed, float $far, array $stops, bool $momentum): float
    {
        $aim = max(0.0, min($far, $at + ($momentum ? $speed * self::RULES['glide'] : 0.0)));
        if ($stops === []) {
            return $aim;
        }
        // A flick goes on by one at least, however short it is.
        $onward = abs($speed) < self::RULES['flick'] ? [] : array_filter($stops, fn (float $stop): bool => ($stop - $at) * $speed > 0);

        $best = INF;
        foreach ($onward === [] ? $stops : $onward as $stop) {
            $best = abs($stop - $aim) < abs($best - $aim) ? $stop : $best;
        }

        return $best;
    }

    /** Whether it is on its way by itself, and not to a stop or back from beyond an end. */
    public static function glides(float $at, float $to, float $far, bool $snaps): bool
    {
        return ! $snaps && $at >= 0 && $at <= $far && $to > 0 && $to < $far;
    }

    /** Where it is so many ms after it was let go. */
    public static function after(float $ms, float $from, float $to, bool $glides): float
    {
        $left = ($from - $to) * exp(-$ms / self::RULES[$glides ? 'glide' : 'settle']);

        return abs($left) < self::RULES['rest'] ? $to : $to + $left;
    }

    /**
     * At which of its stops it stands, counted from 0: the nearest.
     *
     * @param  list<float>  $stops
     */
    public static function page(float $at, array $stops): int
    {
        $page = 0;
        foreach ($stops as $i => $stop) {
            $page = abs($stop - $at) < abs($stops[$page] - $at) - 1e-6 ? $i : $page;
        }

        return $page;
    }

    /**
     * How far a layer that sticks to the top is moved down, px.
     *
     * @param  float  $at  how far it is scrolled
     * @param  float  $top  of the layer, from the top of what is scrolled
     * @param  float  $room  below it in what it lies in
     */
    public static function stuck(float $at, float $top, float $room): float
    {
        return max(0.0, min($at - $top, $room));
    }
}
