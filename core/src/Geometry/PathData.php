<?php

declare(strict_types=1);

namespace Kindred\Geometry;

use Kindred\Geometry\Curve\Cubic;
use Kindred\Input\InvalidInput;

/**
 * SVG path data (SVG 2, section 9.3) as absolute segments: moves, lines, cubic curves and closings. Quadratic
 * curves become cubic ones exactly, arcs by SVG 2, appendix B.2.4, in pieces of at most a quarter turn.
 *
 * @phpstan-type Segment array{string, list<float>}
 */
final readonly class PathData
{
    public const MAX_LENGTH = 200_000;

    /** Coordinates stay within ±FURTHEST px: control points may lie far outside the box that a path fills. */
    public const FURTHEST = 1_000_000.0;

    /** @param  list<Segment>  $segments  M and L with a point, C with three, Z with none */
    private function __construct(public array $segments)
    {
    }

    /** @throws InvalidInput where it breaks the grammar or reaches too far */
    public static function parse(string $data, string $place = 'd'): self
    {
        if (strlen($data) > self::MAX_LENGTH) {
            throw new InvalidInput($place, 'the path is longer than '.number_format(self::MAX_LENGTH).' characters');
        }
        preg_match_all('/[MmLlHhVvCcSsQqTtAaZz]|[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?|[^\s,]/', $data, $tokens);

        return (new PathReader($tokens[0], $place))->read();
    }

    /** @param  list<Segment>  $segments */
    public static function of(array $segments): self
    {
        return new self($segments);
    }

    /** Each point changed by an affine map: x' = ax + cy + e, y' = bx + dy + f. */
    public function mapped(float $a, float $b, float $c, float $d, float $e, float $f): self
    {
        $out = [];
        foreach ($this->segments as [$letter, $n]) {
            $m = [];
            for ($i = 0; $i < count($n); $i += 2) {
                $m[] = $a * $n[$i] + $c * $n[$i + 1] + $e;
                $m[] = $b * $n[$i] + $d * $n[$i + 1] + $f;
            }
            $out[] = [$letter, $m];
        }

        return new self($out);
    }

    /**
     * Points along the path, close enough that lines between them look the same at 24 px. A closing goes back to where its
     * subpath began, and what follows begins there (SVG 2, section 9.3.4).
     *
     * @return list<Point>
     */
    public function points(int $steps = 8): array
    {
        $points = [];
        $pen = $start = new Point(0, 0);
        foreach ($this->segments as [$letter, $n]) {
            if ($letter === 'Z') {
                $points[] = $start;
            } elseif ($letter === 'C') {
                for ($i = 1; $i <= $steps; $i++) {
                    $t = $i / $steps;
                    $u = 1 - $t;
                    $points[] = new Point(
                        $u ** 3 * $pen->x + 3 * $u * $u * $t * $n[0] + 3 * $u * $t * $t * $n[2] + $t ** 3 * $n[4],
                        $u ** 3 * $pen->y + 3 * $u * $u * $t * $n[1] + 3 * $u * $t * $t * $n[3] + $t ** 3 * $n[5],
                    );
                }
            } else {
                $points[] = new Point($n[0], $n[1]);
            }
            $pen = $points[count($points) - 1];
            $start = $letter === 'M' ? $pen : $start;
        }

        return $points;
    }

    /** Whether all its points are numbers within ±FURTHEST px. */
    public function isNear(): bool
    {
        foreach ($this->segments as [, $numbers]) {
            foreach ($numbers as $number) {
                // Also false for what is not a number.
                if (! (abs($number) <= self::FURTHEST)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** The box around the path, by its extremes and not by its control points: where a curve turns back along an axis its derivative is zero. */
    public function bounds(): ?Box
    {
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        $start = [$x, $y] = [0.0, 0.0];
        foreach ($this->segments as [$letter, $n]) {
            if ($letter === 'Z') {
                [$x, $y] = $start;

                continue;
            }
            if ($letter === 'C') {
                foreach (self::extremes($x, $n[0], $n[2], $n[4]) as $at) {
                    [$left, $right] = [min($left, $at), max($right, $at)];
                }
                foreach (self::extremes($y, $n[1], $n[3], $n[5]) as $at) {
                    [$top, $bottom] = [min($top, $at), max($bottom, $at)];
                }
            }
            [$x, $y] = $letter === 'C' ? [$n[4], $n[5]] : $n;
            $start = $letter === 'M' ? [$x, $y] : $start;
            [$left, $right] = [min($left, $x), max($right, $x)];
            [$top, $bottom] = [min($top, $y), max($bottom, $y)];
        }

        return is_finite($left) ? new Box($left, $top, $right - $left, $bottom - $top) : null;
    }

    /** @return list<float> where a cubic Bézier curve turns back along one axis, between its ends */
    private static function extremes(float $p0, float $p1, float $p2, float $p3): array
    {
        // Where both handles lie between the ends it does not turn back.
        if (min($p0, $p3) <= min($p1, $p2) && max($p1, $p2) <= max($p0, $p3)) {
            return [];
        }

        return array_map(fn (float $t): float => (1 - $t) ** 3 * $p0 + 3 * (1 - $t) ** 2 * $t * $p1 + 3 * (1 - $t) * $t * $t * $p2 + $t ** 3 * $p3, Cubic::turns($p0, $p1, $p2, $p3));
    }

    public function text(): string
    {
        return implode('', array_map(fn (array $segment): string => $segment[0].implode(' ', array_map(Number::text(...), $segment[1])), $this->segments));
    }
}
