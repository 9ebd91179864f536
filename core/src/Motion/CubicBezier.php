<?php

declare(strict_types=1);

namespace Kindred\Motion;

use Kindred\Document\Cue\Easing;

/** Works out a timing function (CSS Easing Functions 1, section 2.2). */
final readonly class CubicBezier
{
    public function __construct(private Easing $easing)
    {
    }

    /** Output progress at an input progress of 0 to 1. */
    public function at(float $progress): float
    {
        if ($progress <= 0 || $progress >= 1) {
            return max(0.0, min(1.0, $progress));
        }
        $low = 0.0;
        $high = 1.0;
        for ($i = 0; $i < 50; $i++) {
            $t = ($low + $high) / 2;
            if (self::bezier($t, $this->easing->x1, $this->easing->x2) < $progress) {
                $low = $t;
            } else {
                $high = $t;
            }
        }

        return self::bezier(($low + $high) / 2, $this->easing->y1, $this->easing->y2);
    }

    private static function bezier(float $t, float $a, float $b): float
    {
        return 3 * (1 - $t) ** 2 * $t * $a + 3 * (1 - $t) * $t ** 2 * $b + $t ** 3;
    }
}
