<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

/**
 * What arcs become when each is cut where others cross or touch it: edges between vertices, each of them once, though several arcs may run along
 * it. An edge says how much further every operand is wound round on its left than on its right, left as seen from y's axis to x's.
 *
 * @phpstan-import-type Numbers from Arc
 */
final class Arrangement
{
    /** @var list<float> of each vertex */
    public array $x = [];

    /** @var list<float> */
    public array $y = [];

    /** @var list<int> of each edge, the vertex that it leaves */
    public array $from = [];

    /** @var list<int> and the one that it comes to */
    public array $to = [];

    /** @var list<int> of each edge, its arc */
    public array $arc = [];

    /** @var list<float> and where it begins on that */
    public array $begin = [];

    /** @var list<float> and ends */
    public array $end = [];

    /** @var list<array<int, int>> of each edge, by operand, how much further that is wound round on its left */
    public array $winds = [];

    /** @var array<int, non-empty-list<array{int, float, float, bool}>> by edge, the other arcs along it, each with its places and whether it runs the other way */
    public array $others = [];

    /** @var array<int, list<int>> by vertex, the edges there */
    public array $at = [];

    /** @var array<int, int> vertices by the cell that they lie in */
    private array $cells = [];

    private readonly float $room;

    /** @param  float  $near  what is less apart lies in one place, px */
    public function __construct(public readonly Pieces $pieces, private readonly Crossings $crossings, float $near)
    {
        $this->room = 2 * $near;
        $this->cut();
        $at = [];
        foreach ($this->from as $edge => $vertex) {
            $at[$vertex][] = $edge;
            $at[$this->to[$edge]][] = $edge;
        }
        $this->at = $at;
    }

    private function cut(): void
    {
        // The first edge between two vertices, and the others.
        $known = $more = $once = [];
        // There are many: what is written to a property each time costs more than all else here.
        $starts = $ends = $onArcs = $begins = $stops = $winds = [];
        $cuts = $this->crossings->cuts;
        [$arcs, $of, $operands] = [$this->pieces->arcs, $this->pieces->of, $this->pieces->operands];
        $before = null;
        [$endX, $endY] = [NAN, NAN];
        foreach ($arcs as $arc => $c) {
            // Most arcs begin where the one before ends.
            $vertex = $before !== null && $c[0] === $endX && $c[1] === $endY ? $before : $this->vertex($c[0], $c[1]);
            $places = $cuts[$arc] ?? [];
            if (isset($places[1])) {
                usort($places, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            }
            $places[] = [1.0, $c[6], $c[7]];
            $operand = $operands[$of[$arc]];
            $alone = $once[$operand] ??= [$operand => 1];
            $begin = 0.0;
            foreach ($places as [$t, $x, $y]) {
                $next = $this->vertex($x, $y);
                if ($next === $vertex) {
                    continue;
                }
                $key = $vertex < $next ? $vertex << 31 | $next : $next << 31 | $vertex;
                $edge = count($starts);
                $same = null;
                if (isset($known[$key])) {
                    $same = $this->same(array_map(fn (int $one): array => [$one, $onArcs[$one]], [$known[$key], ...($more[$key] ?? [])]), $arc, $begin, $t);
                    if ($same === null) {
                        $more[$key][] = $edge;
                    }
                } else {
                    $known[$key] = $edge;
                }
                if ($same === null) {
                    $starts[] = $vertex;
                    $ends[] = $next;
                    $onArcs[] = $arc;
                    $begins[] = $begin;
                    $stops[] = $t;
                    $winds[] = $alone;
                } else {
                    $back = $starts[$same] !== $vertex;
                    $winds[$same][$operand] = ($winds[$same][$operand] ?? 0) + ($back ? -1 : 1);
                    $this->others[$same][] = [$arc, $begin, $t, $back];
                }
                [$vertex, $begin] = [$next, $t];
            }
            $before = $vertex;
            [$endX, $endY] = [$c[6], $c[7]];
        }
        [$this->from, $this->to, $this->arc, $this->begin, $this->end, $this->winds] = [$starts, $ends, $onArcs, $begins, $stops, array_values($winds)];
    }

    /** The vertex at a place, or one so near that it is the same. */
    private function vertex(float $x, float $y): int
    {
        $room = $this->room;
        [$u, $v] = [$x / (2 * $room), $y / (2 * $room)];
        [$column, $row] = [(int) floor($u), (int) floor($v)];
        // Those that are near enough lie in this cell, or beyond the side that is nearer.
        $beside = ($u - $column < 0.5 ? $column - 1 : $column + 1) << 32;
        $below = $v - $row < 0.5 ? $row - 1 : $row + 1;
        $column <<= 32;
        foreach ([$column ^ $row, $beside ^ $row, $column ^ $below, $beside ^ $below] as $cell) {
            if (isset($this->cells[$cell])) {
                $vertex = $this->cells[$cell];
                [$dx, $dy] = [$this->x[$vertex] - $x, $this->y[$vertex] - $y];
                if ($dx * $dx + $dy * $dy <= $room * $room) {
                    return $vertex;
                }
            }
        }
        $vertex = count($this->x);
        $this->x[] = $x;
        $this->y[] = $y;
        $this->cells[$column ^ $row] ??= $vertex;

        return $vertex;
    }

    /**
     * The edge between the same vertices along which an arc runs.
     *
     * @param  list<array{int, int}>  $edges  each with its arc
     */
    private function same(array $edges, int $arc, float $begin, float $end): ?int
    {
        $isLine = $this->pieces->lines[$this->pieces->of[$arc]];
        [$x, $y] = Arc::at($this->pieces->arcs[$arc], ($begin + $end) / 2);
        foreach ($edges as [$edge, $other]) {
            if ($isLine && $this->pieces->lines[$this->pieces->of[$other]]) {
                return $edge;
            }
            if ($this->crossings->on($this->pieces->arcs[$other], $x, $y) !== null) {
                return $edge;
            }
        }

        return null;
    }

    /** Whether anything is wound round otherwise on one side than on the other: what runs along it there and back is no bound. */
    public function parts(int $edge): bool
    {
        return array_filter($this->winds[$edge], fn (int $more): bool => $more !== 0) !== [];
    }

    public function isLine(int $edge): bool
    {
        return $this->pieces->lines[$this->pieces->of[$this->arc[$edge]]];
    }

    /**
     * Edges that follow each other where no others meet them, and that have the same on both sides.
     *
     * @return list<list<array{int, int}>> each with 1 where the edge runs along the chain, or -1
     */
    public function chains(): array
    {
        $chains = $done = [];
        foreach ($this->from as $edge => $from) {
            if (isset($done[$edge])) {
                continue;
            }
            $done[$edge] = true;
            $on = $this->follow($edge, 1, $done);
            $back = array_map(fn (array $one): array => [$one[0], -$one[1]], array_reverse($this->follow($edge, -1, $done)));
            $chains[] = [...$back, [$edge, 1], ...$on];
        }

        return $chains;
    }

    /**
     * @param  array<int, true>  $done
     * @return list<array{int, int}>
     */
    private function follow(int $edge, int $way, array &$done): array
    {
        $found = [];
        for (; ;) {
            $vertex = $way > 0 ? $this->to[$edge] : $this->from[$edge];
            $here = $this->at[$vertex];
            if (count($here) !== 2) {
                return $found;
            }
            $next = $here[0] === $edge ? $here[1] : $here[0];
            $on = $this->from[$next] === $vertex ? 1 : -1;
            if (isset($done[$next]) || ! $this->alike($edge, $next, $way === $on)) {
                return $found;
            }
            $done[$next] = true;
            $found[] = [$next, $on];
            [$edge, $way] = [$next, $on];
        }
    }

    private function alike(int $one, int $other, bool $sameWay): bool
    {
        [$a, $b] = [$this->winds[$one], $this->winds[$other]];
        if ($sameWay && $a === $b) {
            return true;
        }
        if (count($a) !== count($b)) {
            return false;
        }
        foreach ($a as $operand => $winds) {
            if (($b[$operand] ?? 0) !== ($sameWay ? $winds : -$winds)) {
                return false;
            }
        }

        return true;
    }
}
