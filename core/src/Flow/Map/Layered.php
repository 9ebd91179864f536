<?php

declare(strict_types=1);

namespace Kindred\Flow\Map;

/**
 * A graph drawn in columns, with few crossings (Sugiyama, Tagawa and Toda 1981, Methods for visual understanding of hierarchical system
 * structures). A node stands in the column of its rank. Within columns the order follows the means of the neighbours, to and fro, and
 * neighbours change places where that saves crossings; what was best is kept. Where nodes come to stand in that order, as near as they can
 * to the mean of their neighbours, is worked out exactly for one column after the other (isotonic regression by pooling; Barlow et al. 1972).
 *
 * An edge goes from a column to the next one, or through points in all columns between; one within a column is drawn beside it.
 */
final class Layered
{
    /** Times that the order is made anew, to and fro. */
    private const SWEEPS = 12;

    /** Columns of more nodes are not tried pair by pair. */
    private const TRIED = 60;

    /** Times that places are made anew. */
    private const SETTLING = 24;

    /** px between two nodes, and between a node and an edge that passes. */
    private const GAP = 36.0;

    private const LANE = 14.0;

    /** @var list<list<int>> vertices by column, in their order */
    private array $columns = [];

    /** @var array<int, list<int>> by vertex: those in the column before it */
    private array $before = [];

    /** @var array<int, list<int>> by vertex: those in the column after it */
    private array $after = [];

    /** @var array<int, float> the middle of each vertex, px down */
    private array $middle = [];

    /** @var array<string, list<int>> the vertices between the ends of each edge, by "from>to", in the order of the columns */
    private array $between = [];

    /** @var list<string> */
    private array $names;

    /**
     * @param  array<string, int>  $ranks  the column of each node
     * @param  array<string, float>  $heights  px
     * @param  list<array{string, string}>  $edges  each once; none from a node to itself
     */
    private function __construct(private readonly array $ranks, private readonly array $heights, private readonly array $edges)
    {
        $this->names = array_map(strval(...), array_keys($ranks));
        $number = array_flip($this->names);
        $count = $ranks === [] ? 0 : max($ranks) + 1;
        $this->columns = array_fill(0, $count, []);
        foreach ($this->names as $vertex => $name) {
            $this->columns[$ranks[$name]][] = $vertex;
            $this->before[$vertex] = $this->after[$vertex] = [];
        }
        $next = count($this->names);
        foreach ($edges as [$from, $to]) {
            [$left, $right] = $ranks[$from] <= $ranks[$to] ? [$from, $to] : [$to, $from];
            $last = $number[$left];
            $passed = [];
            for ($column = $ranks[$left] + 1; $column < $ranks[$right]; $column++) {
                $this->columns[$column][] = $next;
                $this->before[$next] = $this->after[$next] = [];
                $this->join($last, $next);
                $passed[] = $last = $next++;
            }
            if ($ranks[$left] !== $ranks[$right]) {
                $this->join($last, $number[$right]);
            }
            $this->between["{$from}>{$to}"] = $passed;
        }
    }

    /**
     * @param  array<string, int>  $ranks  the column of each node, from 0
     * @param  array<string, float>  $heights  of the nodes, px
     * @param  list<array{string, string}>  $edges  between two nodes each
     */
    public static function of(array $ranks, array $heights, array $edges): self
    {
        $once = [];
        foreach ($edges as [$from, $to]) {
            if ($from !== $to) {
                $once["{$from}>{$to}"] = [$from, $to];
            }
        }
        $self = new self($ranks, $heights, array_values($once));
        $self->arrange();
        $self->settle();

        return $self;
    }

    /** @return array<string, float> the middle of each node, px down; the first begins at 0 */
    public function middles(): array
    {
        return array_combine($this->names, array_map(fn (int $vertex): float => $this->middle[$vertex], array_keys($this->names)));
    }

    /** @return list<list<string>> the nodes of each column from the top down */
    public function order(): array
    {
        return array_map(fn (array $column): array => array_values(array_map(fn (int $vertex): string => $this->names[$vertex], array_filter($column, fn (int $vertex): bool => isset($this->names[$vertex])))), $this->columns);
    }

    /**
     * Where an edge passes the columns between its ends, px down, in the order of its way.
     *
     * @return list<float>
     */
    public function passing(string $from, string $to): array
    {
        $middles = array_map(fn (int $vertex): float => $this->middle[$vertex], $this->between["{$from}>{$to}"] ?? []);

        return $this->ranks[$from] <= $this->ranks[$to] ? $middles : array_reverse($middles);
    }

    /** Pairs of edges that cross between two columns. */
    public function crossings(): int
    {
        $all = 0;
        for ($column = 0; $column + 1 < count($this->columns); $column++) {
            $all += $this->crossingsAfter($column);
        }

        return $all;
    }

    private function join(int $left, int $right): void
    {
        $this->after[$left][] = $right;
        $this->before[$right][] = $left;
    }

    private function arrange(): void
    {
        [$best, $fewest] = [$this->columns, $this->crossings()];
        for ($sweep = 0; $sweep < self::SWEEPS && $fewest > 0; $sweep++) {
            $forth = $sweep % 2 === 0;
            foreach ($forth ? range(0, count($this->columns) - 1) : range(count($this->columns) - 1, 0) as $column) {
                $this->byMeans($column, $forth ? $this->before : $this->after, $forth ? $column - 1 : $column + 1);
            }
            $this->swap();
            $crossings = $this->crossings();
            if ($crossings < $fewest) {
                [$best, $fewest] = [$this->columns, $crossings];
            }
        }
        $this->columns = $best;
    }

    /**
     * The vertices of a column by the mean places of their neighbours; what has none stays where it is.
     *
     * @param  array<int, list<int>>  $neighbours
     */
    private function byMeans(int $column, array $neighbours, int $beside): void
    {
        $places = array_flip($this->columns[$beside] ?? []);
        if ($places === []) {
            return;
        }
        $means = [];
        foreach ($this->columns[$column] as $at => $vertex) {
            $near = $neighbours[$vertex];
            $means[$vertex] = $near === [] ? (float) $at : array_sum(array_map(fn (int $one): int => $places[$one], $near)) / count($near);
        }
        $order = array_flip($this->columns[$column]);
        usort($this->columns[$column], fn (int $a, int $b): int => [$means[$a], $order[$a]] <=> [$means[$b], $order[$b]]);
    }

    /** Neighbours change places as long as that saves crossings. */
    private function swap(): void
    {
        for ($rounds = 0, $better = true; $better && $rounds < 4; $rounds++) {
            $better = false;
            foreach ($this->columns as $column => $vertices) {
                if (count($vertices) > self::TRIED) {
                    continue;
                }
                $sides = [[array_flip($this->columns[$column - 1] ?? []), $this->before], [array_flip($this->columns[$column + 1] ?? []), $this->after]];
                for ($i = 0; $i + 1 < count($vertices); $i++) {
                    [$upper, $lower] = [$vertices[$i], $vertices[$i + 1]];
                    $saved = 0;
                    foreach ($sides as [$places, $neighbours]) {
                        foreach ($neighbours[$upper] as $a) {
                            foreach ($neighbours[$lower] as $b) {
                                $saved += $places[$a] <=> $places[$b];
                            }
                        }
                    }
                    if ($saved > 0) {
                        $vertices = array_replace($vertices, [$i => $lower, $i + 1 => $upper]);
                        $better = true;
                    }
                }
                $this->columns[$column] = array_values($vertices);
            }
        }
    }

    /** Counted with a tree of sums over the places (Barth, Jünger and Mutzel 2002, Simple and efficient bilayer cross counting). */
    private function crossingsAfter(int $column): int
    {
        $places = array_flip($this->columns[$column + 1]);
        $ends = [];
        foreach ($this->columns[$column] as $vertex) {
            $own = array_map(fn (int $one): int => $places[$one], $this->after[$vertex]);
            sort($own);
            array_push($ends, ...$own);
        }
        $size = 1;
        while ($size < count($places)) {
            $size *= 2;
        }
        $tree = array_fill(0, 2 * $size, 0);
        $crossings = 0;
        foreach ($ends as $place) {
            $at = $place + $size;
            $tree[$at]++;
            while ($at > 1) {
                if ($at % 2 === 0) {
                    $crossings += $tree[$at + 1];
                }
                $at = intdiv($at, 2);
                $tree[$at]++;
            }
        }

        return $crossings;
    }

    private function settle(): void
    {
        foreach ($this->columns as $column) {
            $at = 0.0;
            foreach ($column as $i => $vertex) {
                $at += $i === 0 ? $this->high($vertex) / 2 : $this->apart($column[$i - 1], $vertex);
                $this->middle[$vertex] = $at;
            }
        }
        for ($round = 0; $round < self::SETTLING; $round++) {
            foreach ($round % 2 === 0 ? $this->columns : array_reverse($this->columns) as $column) {
                $this->place($column);
            }
        }
        $top = $this->middle === [] ? 0.0 : min(array_map(fn (int $vertex): float => $this->middle[$vertex] - $this->high($vertex) / 2, array_keys($this->middle)));
        $this->middle = array_map(fn (float $middle): float => $middle - $top, $this->middle);
    }

    /**
     * As near as can be to the means of the neighbours, in their order and apart.
     *
     * @param  list<int>  $column
     */
    private function place(array $column): void
    {
        // Without the room that must lie between, what has to be found is a sequence that never falls.
        $offset = 0.0;
        $pools = [];
        $offsets = [];
        foreach ($column as $i => $vertex) {
            $offset += $i === 0 ? 0.0 : $this->apart($column[$i - 1], $vertex);
            $offsets[] = $offset;
            $near = [...$this->before[$vertex], ...$this->after[$vertex]];
            $wanted = $near === [] ? $this->middle[$vertex] : array_sum(array_map(fn (int $one): float => $this->middle[$one], $near)) / count($near);
            $weight = $near === [] ? 0.1 : 1.0;
            $pool = [$wanted - $offset, $weight, 1];
            while ($pools !== [] && $pools[count($pools) - 1][0] > $pool[0]) {
                [$value, $heavy, $count] = array_pop($pools);
                $pool = [($value * $heavy + $pool[0] * $pool[1]) / ($heavy + $pool[1]), $heavy + $pool[1], $count + $pool[2]];
            }
            $pools[] = $pool;
        }
        $i = 0;
        foreach ($pools as [$value, , $count]) {
            for ($n = 0; $n < $count; $n++, $i++) {
                $this->middle[$column[$i]] = $value + $offsets[$i];
            }
        }
    }

    private function high(int $vertex): float
    {
        return isset($this->names[$vertex]) ? $this->heights[$this->names[$vertex]] : 0.0;
    }

    private function apart(int $upper, int $lower): float
    {
        $passing = ! isset($this->names[$upper]) && ! isset($this->names[$lower]);

        return ($this->high($upper) + $this->high($lower)) / 2 + ($passing ? self::LANE : self::GAP);
    }
}
