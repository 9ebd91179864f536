<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Point;

/**
 * Edges that bound a shape, put together to closed subpaths with the shape on their left: parts of one curve that follow each other become one
 * curve again, and lines that go straight on one line.
 *
 * @phpstan-import-type Numbers from Arc
 *
 * @phpstan-type Part array{curve: int, line: bool, begin: float, end: float, from: int, to: int}
 */
final class Loops
{
    /** Directions that are less apart, as the sine of their angle, go straight on. */
    private const STRAIGHT = 1e-9;

    /** What has more curves is no sliver. */
    private const MANY = 100;

    /** @var array<int, list<int>> by vertex, the numbers of those that leave it */
    private array $leaving = [];

    /** @param  list<array{int, bool}>  $bounds  edges, each with whether it is followed from its end to its beginning */
    public function __construct(private readonly Arrangement $on, private readonly array $bounds, private readonly float $near)
    {
        foreach ($bounds as $number => [$edge, $back]) {
            $this->leaving[$back ? $on->to[$edge] : $on->from[$edge]][] = $number;
        }
    }

    /** Whether as many come to every vertex as leave it. */
    public function areClosed(): bool
    {
        $balance = [];
        foreach ($this->bounds as [$edge, $back]) {
            [$from, $to] = $this->ends($edge, $back);
            $balance[$from] = ($balance[$from] ?? 0) + 1;
            $balance[$to] = ($balance[$to] ?? 0) - 1;
        }

        return array_filter($balance, fn (int $more): bool => $more !== 0) === [];
    }

    public function curves(): Curves
    {
        $subpaths = [];
        $used = [];
        foreach ($this->bounds as $number => [$edge, $back]) {
            if (isset($used[$number])) {
                continue;
            }
            $loop = [];
            $start = $this->ends($edge, $back)[0];
            for ($next = $number; $next !== null;) {
                $used[$next] = true;
                $loop[] = [$edge, $back] = $this->bounds[$next];
                $vertex = $back ? $this->on->from[$edge] : $this->on->to[$edge];
                $next = $vertex === $start ? null : $this->next($next, $vertex, $used);
            }
            $subpath = $this->subpath($this->joined($loop));
            if ($subpath !== null) {
                $subpaths[] = $subpath;
            }
        }

        return new Curves($subpaths);
    }

    /** @return array{int, int} the vertices that it leaves and comes to */
    private function ends(int $edge, bool $back): array
    {
        return $back ? [$this->on->to[$edge], $this->on->from[$edge]] : [$this->on->from[$edge], $this->on->to[$edge]];
    }

    /**
     * Of those that leave a vertex the one furthest to the left, so that shapes that touch each other there become subpaths of their own.
     *
     * @param  array<int, true>  $used
     */
    private function next(int $number, int $vertex, array $used): ?int
    {
        $all = $this->leaving[$vertex] ?? [];
        if (! isset($all[1])) {
            return isset($all[0]) && ! isset($used[$all[0]]) ? $all[0] : null;
        }
        $free = array_values(array_filter($all, fn (int $one): bool => ! isset($used[$one])));
        if (count($free) < 2) {
            return $free[0] ?? null;
        }
        [$edge, $back] = $this->bounds[$number];
        // Seen from the vertex, where it came from.
        $from = $this->angle($edge, ! $back);
        $turns = [];
        foreach ($free as $one) {
            [$other, $otherBack] = $this->bounds[$one];
            $turns[$one] = fmod($from - $this->angle($other, $otherBack) + 4 * M_PI, 2 * M_PI);
        }
        asort($turns);

        return array_key_first($turns);
    }

    /** The direction in which an edge leaves its first vertex, rad. */
    private function angle(int $edge, bool $back): float
    {
        $c = $this->on->pieces->arcs[$this->on->arc[$edge]];
        [$begin, $end] = [$this->on->begin[$edge], $this->on->end[$edge]];
        [$from, $to] = $back ? [$end, $begin] : [$begin, $end];
        [$x, $y] = Arc::at($c, $from);
        [$px, $py] = Arc::at($c, $from + ($to - $from) * 0.01);

        return atan2($py - $y, $px - $x);
    }

    /**
     * @param  list<array{int, bool}>  $loop
     * @return list<Part>
     */
    private function joined(array $loop): array
    {
        $parts = [];
        foreach ($loop as [$edge, $back]) {
            $last = count($parts) - 1;
            $part = $this->part($edge, $back, $last < 0 ? null : $parts[$last]);
            if ($last >= 0 && $this->follows($parts[$last], $part)) {
                $parts[$last] = $this->both($parts[$last], $part);
            } else {
                $parts[] = $part;
            }
        }
        // Where the loop began is a point like any other.
        while (count($parts) > 2 && $this->follows($parts[count($parts) - 1], $parts[0])) {
            $parts[0] = $this->both(array_pop($parts), $parts[0]);
        }

        return $parts;
    }

    /**
     * As a part of the curve that goes on with the one before it, if one of those along it does.
     *
     * @param  Part|null  $before
     * @return Part
     */
    private function part(int $edge, bool $back, ?array $before): array
    {
        $first = $this->along($edge, $back, $this->on->arc[$edge], $this->on->begin[$edge], $this->on->end[$edge], $back);
        $others = $this->on->others[$edge] ?? [];
        if ($before === null || $others === [] || $this->continues($before, $first)) {
            return $first;
        }
        foreach ($others as [$arc, $begin, $end, $turned]) {
            $part = $this->along($edge, $back, $arc, $begin, $end, $turned !== $back);
            if ($this->continues($before, $part)) {
                return $part;
            }
        }

        return $first;
    }

    /**
     * @param  bool  $turned  whether the arc runs the other way
     * @return Part an arc that runs along an edge
     */
    private function along(int $edge, bool $back, int $arc, float $begin, float $end, bool $turned): array
    {
        $pieces = $this->on->pieces;
        $curve = $pieces->of[$arc];
        $first = $pieces->from[$arc];
        $length = $pieces->to[$arc] - $first;

        return [
            'curve' => $curve,
            'line' => $pieces->lines[$curve],
            'from' => $back ? $this->on->to[$edge] : $this->on->from[$edge],
            'to' => $back ? $this->on->from[$edge] : $this->on->to[$edge],
            'begin' => $first + ($turned ? $end : $begin) * $length,
            'end' => $first + ($turned ? $begin : $end) * $length,
        ];
    }

    /**
     * @param  Part  $one
     * @param  Part  $next
     */
    private function continues(array $one, array $next): bool
    {
        return $one['curve'] === $next['curve'] && abs($one['end'] - $next['begin']) < 1e-9 && ($one['end'] > $one['begin']) === ($next['end'] > $next['begin']);
    }

    /**
     * @param  Part  $one
     * @param  Part  $next
     */
    private function follows(array $one, array $next): bool
    {
        if ($this->continues($one, $next)) {
            return true;
        }
        if (! $one['line'] || ! $next['line']) {
            return false;
        }
        [$x, $y] = [$this->on->x, $this->on->y];
        [$ux, $uy] = [$x[$one['to']] - $x[$one['from']], $y[$one['to']] - $y[$one['from']]];
        [$vx, $vy] = [$x[$next['to']] - $x[$next['from']], $y[$next['to']] - $y[$next['from']]];
        $size = sqrt(($ux * $ux + $uy * $uy) * ($vx * $vx + $vy * $vy));

        return abs($ux * $vy - $uy * $vx) <= self::STRAIGHT * $size + $this->near * min(abs($ux) + abs($uy), abs($vx) + abs($vy)) && $ux * $vx + $uy * $vy > 0;
    }

    /**
     * @param  Part  $one
     * @param  Part  $next
     * @return Part
     */
    private function both(array $one, array $next): array
    {
        $same = $this->continues($one, $next);

        return ['end' => $same ? $next['end'] : $one['end'] + ($one['end'] <=> $one['begin']) * 1e-6, 'to' => $next['to']] + $one;
    }

    /** @param  list<Part>  $parts */
    private function subpath(array $parts): ?Subpath
    {
        $points = $in = $out = [];
        $next = 0;
        foreach ($parts as $i => $part) {
            $next = $i + 1 < count($parts) ? $i + 1 : 0;
            $points[] = new Point($this->on->x[$part['from']], $this->on->y[$part['from']]);
            if ($part['line']) {
                continue;
            }
            $c = $this->on->pieces->curves[$part['curve']];
            [$low, $high] = $part['begin'] < $part['end'] ? [$part['begin'], $part['end']] : [$part['end'], $part['begin']];
            if ($low > 0 || $high < 1) {
                $c = Arc::range($c, $low, $high);
            }
            [$out[$i], $in[$next]] = $part['begin'] < $part['end'] ? [new Point($c[2], $c[3]), new Point($c[4], $c[5])] : [new Point($c[4], $c[5]), new Point($c[2], $c[3])];
        }
        $nodes = [];
        foreach ($points as $i => $at) {
            $nodes[] = new Node($at, $in[$i] ?? null, $out[$i] ?? null);
        }
        $subpath = new Subpath($nodes, true);

        return count($parts) > self::MANY || ! $this->isSliver($subpath) ? $subpath : null;
    }

    /** Whether it is no wider than what counts as one place: it is nothing then. */
    private function isSliver(Subpath $subpath): bool
    {
        [$area, $length] = [0.0, 0.0];
        for ($i = 0; $i < $subpath->count(); $i++) {
            $curve = $subpath->curve($i);
            $area += $curve->area();
            $length += $curve->b->minus($curve->a)->length() + $curve->c->minus($curve->b)->length() + $curve->d->minus($curve->c)->length();
        }

        return abs($area) <= $this->near * $length;
    }
}
