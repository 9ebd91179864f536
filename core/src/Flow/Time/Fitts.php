<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

use Kindred\Device\Pointing;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/**
 * How long it takes to move to a target (Fitts 1954), in the form of Shannon’s theorem (MacKenzie 1992, Fitts’ law as a research and design
 * tool in human-computer interaction): the index of difficulty in bits, over how many of these a second somebody manages. A target is as wide
 * as its smaller side (MacKenzie and Buxton 1992, Extending Fitts’ law to two-dimensional tasks).
 */
final class Fitts
{
    /** Bits a second of a finger on a touch screen (MacKenzie 2015, Fitts’ throughput and the remarkable case of touch-based target selection). */
    public const TOUCH = 6.95;

    /** Of a mouse: the middle of 3.7 to 4.9 (Soukoreff and MacKenzie 2004, Towards a standard for pointing device evaluation). */
    public const MOUSE = 4.3;

    /**
     * The index of difficulty, bits.
     *
     * @param  float  $distance  px
     * @param  float  $width  px
     */
    public static function difficulty(float $distance, float $width): float
    {
        return log(max(0.0, $distance) / max(1.0, $width) + 1, 2);
    }

    /** s */
    public static function time(Pointing $pointing, float $distance, float $width): float
    {
        return self::difficulty($distance, $width) / ($pointing === Pointing::Touch ? self::TOUCH : self::MOUSE);
    }

    /** s to the middle of a box */
    public static function to(Pointing $pointing, Point $from, Box $target): float
    {
        $middle = $target->centre();

        return self::time($pointing, hypot($middle->x - $from->x, $middle->y - $from->y), min($target->width, $target->height));
    }
}
