<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

/**
 * How often every operand is wound round a place right beside an edge: by what a ray from there crosses. It runs to the right, or down from an
 * edge that is flat. Edges are kept by the strips that they pass, so that a ray meets few of them.
 */
final class Windings
{
    /** Edges that rise by less than this share of what they run along are looked at from above. */
    private const FLAT = 0.1;

    /** So many edges for a strip. */
    private const EACH = 8;

    /** @var array<int, array<int, list<int>>> by axis and strip, edges */
    private array $strips = [];

    /** @var array<int, float> by axis, where the first strip begins */
    private array $first = [];

    /** @var array<int, float> and how wide they are */
    private array $width = [];

    public function __construct(private readonly Arrangement $arrangement)
    {
    }

    /**
     * On the left of an edge, by operand, for those that wind round it or are near, and how far away from what lies nearest that was seen, px.
     *
     * @param  float  $share  where on the edge
     * @return array{array<int, int>, float}
     */
    public function left(int $edge, float $share): array
    {
        $on = $this->arrangement;
        $c = $on->pieces->arcs[$on->arc[$edge]];
        $t = $on->begin[$edge] + ($on->end[$edge] - $on->begin[$edge]) * $share;
        [$x, $y] = Arc::at($c, $t);
        [$dx, $dy] = Arc::speed($c, $t);
        // To the right wherever it can be, so that the strips of the other axis are hardly ever asked for.
        $axis = abs($dy) >= self::FLAT * abs($dx) ? 1 : 0;
        [$value, $place] = $axis === 1 ? [$y, $x] : [$x, $y];
        [$winds, $clear] = $this->beyond($axis, $value, $place, $edge);
        // The ray looks away from the side on which its crossings are counted.
        $isLeft = $axis === 1 ? $dy < 0 : $dx > 0;
        if (! $isLeft) {
            foreach ($on->winds[$edge] as $operand => $more) {
                $winds[$operand] = ($winds[$operand] ?? 0) + $more;
            }
        }

        return [$winds, $clear];
    }

    /**
     * @param  int  $axis  1: along y there is one value, and the ray runs to the right; 0: along x, and it runs down
     * @return array{array<int, int>, float}
     */
    private function beyond(int $axis, float $value, float $place, int $but): array
    {
        $on = $this->arrangement;
        if (! isset($this->strips[$axis])) {
            $this->sort($axis);
        }
        [$along, $across] = $axis === 1 ? [$on->y, $on->x] : [$on->x, $on->y];
        $sign = $axis === 1 ? 1 : -1;
        $winds = [];
        $clear = INF;
        foreach ($this->strips[$axis][(int) (($value - ($this->first[$axis] ?? 0)) / ($this->width[$axis] ?? 1))] ?? [] as $edge) {
            [$from, $to] = [$on->from[$edge], $on->to[$edge]];
            $rises = $along[$from] <= $value;
            if ($rises === ($along[$to] <= $value) || $edge === $but) {
                continue;
            }
            [$p, $q] = [$across[$from], $across[$to]];
            if ($p < $place && $q < $place) {
                $clear = min($clear, $place - max($p, $q));

                continue;
            }
            if ($p > $place && $q > $place) {
                $off = min($p, $q) - $place;
            } elseif ($on->isLine($edge)) {
                $off = $p + ($q - $p) * ($value - $along[$from]) / ($along[$to] - $along[$from]) - $place;
            } else {
                $c = $on->pieces->arcs[$on->arc[$edge]];
                $off = Arc::at($c, Arc::place($c, $axis, $value))[1 - $axis] - $place;
            }
            $clear = min($clear, abs($off));
            if ($off > 0) {
                foreach ($on->winds[$edge] as $operand => $more) {
                    $winds[$operand] = ($winds[$operand] ?? 0) + ($rises ? $sign * $more : -$sign * $more);
                }
            }
        }

        return [$winds, $clear];
    }

    private function sort(int $axis): void
    {
        $on = $this->arrangement;
        $along = $axis === 1 ? $on->y : $on->x;
        if ($along === []) {
            return;
        }
        $min = min($along);
        $count = max(1, min(2048, intdiv(count($on->from), self::EACH)));
        $width = (max($along) - $min) / $count;
        $this->first[$axis] = $min;
        $this->width[$axis] = $width = $width > 0 ? $width : 1.0;
        $strips = [];
        foreach ($on->from as $edge => $from) {
            [$low, $high] = [(int) (($along[$from] - $min) / $width), (int) (($along[$on->to[$edge]] - $min) / $width)];
            if ($low > $high) {
                [$low, $high] = [$high, $low];
            }
            for ($strip = $low; $strip <= $high; $strip++) {
                $strips[$strip][] = $edge;
            }
        }
        $this->strips[$axis] = $strips;
    }
}
