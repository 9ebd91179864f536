<?php

declare(strict_types=1);

namespace Kindred\Geometry;

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
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])|([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)|([^\s,])/', $data, $tokens, PREG_SET_ORDER);

        return (new PathReader($tokens, $place))->read();
    }

    /** @param  list<Segment>  $segments */
    public static function of(array $segments): self
    {
        return new self($segments);
    }

    /** Each point changed by an affine map: x' = ax + cy + e, y' = bx + dy + f. */
    public function mapped(float $a, float $b, float $c, float $d, float $e, float $f): self
    {
        return new self(array_map(function (array $segment) use ($a, $b, $c, $d, $e, $f): array {
            $out = [];
            foreach (array_chunk($segment[1], 2) as $point) {
                [$x, $y] = [$point[0], $point[1] ?? 0.0];
                array_push($out, $a * $x + $c * $y + $e, $b * $x + $d * $y + $f);
            }

            return [$segment[0], $out];
        }, $this->segments));
    }

    /**
     * Points along the path, close enough that lines between them look the same at 24 px.
     *
     * @return list<Point>
     */
    public function points(int $steps = 8): array
    {
        $points = [];
        $pen = new Point(0, 0);
        foreach ($this->segments as [$letter, $n]) {
            if ($letter === 'C') {
                for ($i = 1; $i <= $steps; $i++) {
                    $t = $i / $steps;
                    $u = 1 - $t;
                    $points[] = new Point(
                        $u ** 3 * $pen->x + 3 * $u * $u * $t * $n[0] + 3 * $u * $t * $t * $n[2] + $t ** 3 * $n[4],
                        $u ** 3 * $pen->y + 3 * $u * $u * $t * $n[1] + 3 * $u * $t * $t * $n[3] + $t ** 3 * $n[5],
                    );
                }
            } elseif ($letter !== 'Z') {
                $points[] = new Point($n[0], $n[1]);
            }
            $pen = $points[count($points) - 1] ?? $pen;
        }

        return $points;
    }

    /** The box around the path, by its extremes and not by its control points. */
    public function bounds(): ?Box
    {
        $points = $this->points(32);
        if ($points === []) {
            return null;
        }
        $xs = array_map(fn (Point $point): float => $point->x, $points);
        $ys = array_map(fn (Point $point): float => $point->y, $points);

        return new Box(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
    }

    public function text(): string
    {
        return implode('', array_map(fn (array $segment): string => $segment[0].implode(' ', array_map(Number::text(...), $segment[1])), $this->segments));
    }
}
