<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

/** Points in their order with the curves between them; where it is closed, the last is followed by the first. */
final readonly class Subpath
{
    /** Points that are less apart, px, are one. */
    public const SAME = 0.01;

    /** Turns by less, or all the way back but for less, are no corners, rad. */
    private const STRAIGHT = 0.02;

    /** @param  list<Node>  $nodes */
    public function __construct(public array $nodes, public bool $closed)
    {
    }

    /**
     * An open one along curves of which each begins where the one before ends.
     *
     * @param  non-empty-list<Cubic>  $curves
     */
    public static function along(array $curves): self
    {
        $nodes = [new Node($curves[0]->a)];
        foreach ($curves as $curve) {
            $straight = $curve->isLine();
            $last = count($nodes) - 1;
            $nodes[$last] = $nodes[$last]->with(Handle::Out, $straight ? null : $curve->b);
            $nodes[] = (new Node($curve->d))->with(Handle::In, $straight ? null : $curve->c);
        }

        return new self($nodes, false);
    }

    /**
     * A closed one along curves of which each begins where the one before ends, and the first where the last does.
     *
     * @param  non-empty-list<Cubic>  $curves
     */
    public static function around(array $curves): self
    {
        $nodes = self::along($curves)->nodes;
        $last = array_pop($nodes);
        $nodes[0] = $nodes[0]->with(Handle::In, $last?->in);

        return new self($nodes, true);
    }

    /**
     * With its corners rounded: between lines by the arc of a circle, between curves by one that leaves and meets them in their direction.
     * A radius is less where the curves beside a corner are too short for it, which two corners share.
     */
    public function rounded(float $radius): self
    {
        $count = $this->count();
        $curves = $count === 0 ? [] : array_map($this->curve(...), range(0, $count - 1));
        $turns = $starts = $ends = [];
        foreach ($curves as $i => $curve) {
            $before = $i > 0 ? $i - 1 : ($this->closed ? $count - 1 : null);
            [$back, $on] = [$before === null ? null : $curves[$before]->reversed()->direction(), $curve->direction()];
            if ($before === null || $back === null || $on === null) {
                continue;
            }
            $turn = abs(atan2($back->times(-1)->cross($on), $back->times(-1)->dot($on)));
            // What goes straight on has no corner; what goes straight back has none that could be rounded.
            if ($turn > self::STRAIGHT && $turn < M_PI - self::STRAIGHT) {
                $turns[$i] = $turn;
                $starts[$i] = $ends[$before] = min($radius * tan($turn / 2), $curves[$before]->length() / 2, $curve->length() / 2);
            }
        }
        $left = [];
        foreach ($curves as $i => $curve) {
            $end = isset($ends[$i]) ? 1 - $curve->reversed()->place($ends[$i]) : 1.0;
            $start = isset($starts[$i]) ? min($end, $curve->place($starts[$i])) : 0.0;
            $first = $curve->split($end)[0];
            $left[$i] = $end > 0 ? $first->split($start / $end)[1] : $first;
        }
        $all = [];
        foreach ($left as $i => $curve) {
            if (isset($turns[$i], $starts[$i])) {
                $before = $i > 0 ? $i - 1 : $count - 1;
                // The handles of an arc of a circle that turns by so much.
                $handle = $starts[$i] / tan($turns[$i] / 2) * 4 / 3 * tan($turns[$i] / 4);
                // Of a curve of which nothing is left, the direction that it had.
                [$back, $on] = [$left[$before]->reversed()->direction() ?? $curves[$before]->reversed()->direction(), $curve->direction() ?? $curves[$i]->direction()];
                $from = $left[$before]->d;
                $all[] = new Cubic($from, $from->minus(($back ?? $from)->times($handle)), $curve->a->minus(($on ?? $from)->times($handle)), $curve->a);
            }
            if ($curve->length(4) > self::SAME) {
                $all[] = $curve;
            }
        }
        $path = $all === [] ? $this : self::along($all);

        return $this->closed ? $path->closed() : $path;
    }

    /** So many curves and lines. */
    public function count(): int
    {
        return max(0, count($this->nodes) - ($this->closed ? 0 : 1));
    }

    /** The curve after a node. */
    public function curve(int $after): Cubic
    {
        [$from, $to] = [$this->nodes[$after], $this->nodes[($after + 1) % count($this->nodes)]];

        return $from->out === null && $to->in === null ? Cubic::line($from->at, $to->at) : new Cubic($from->at, $from->out ?? $from->at, $to->in ?? $to->at, $to->at);
    }

    public function isLine(int $after): bool
    {
        return $this->nodes[$after]->out === null && $this->nodes[($after + 1) % count($this->nodes)]->in === null;
    }

    /** @param  array<int, Node>  $nodes  by their number */
    public function with(array $nodes): self
    {
        return new self(array_values(array_replace($this->nodes, $nodes)), $this->closed);
    }

    /** The node before or after one; null beyond an end. */
    public function beside(int $node, int $step): ?Node
    {
        $count = count($this->nodes);

        return $this->closed ? $this->nodes[(($node + $step) % $count + $count) % $count] : ($this->nodes[$node + $step] ?? null);
    }

    /** With one point more on the curve after a node; the path looks as it did. */
    public function divided(int $after, float $t): self
    {
        $next = ($after + 1) % count($this->nodes);
        [$one, $two] = $this->curve($after)->split($t);
        $straight = $this->isLine($after);
        $nodes = $straight ? $this->nodes : array_replace($this->nodes, [$after => $this->nodes[$after]->with(Handle::Out, $one->b), $next => $this->nodes[$next]->with(Handle::In, $two->c)]);
        // In a subpath of one node both are handles of the same.
        if (! $straight && $after === $next) {
            $nodes = [$this->nodes[0]->with(Handle::Out, $one->b)->with(Handle::In, $two->c)];
        }
        array_splice($nodes, $after + 1, 0, [$straight ? new Node($one->d) : new Node($one->d, $one->c, $two->b)]);

        return new self($nodes, $this->closed);
    }

    /** Without a point: one curve takes the place of the two beside it, and is what it was before where the point had been added to it. */
    public function without(int $node): self
    {
        $count = count($this->nodes);
        $gone = $this->nodes[$node];
        $nodes = $this->nodes;
        [$before, $after] = [$this->beside($node, -1), $this->beside($node, 1)];
        if ($before !== null && $after !== null && $gone->in !== null && $gone->out !== null && $count > 2) {
            [$in, $out] = [$gone->at->minus($gone->in)->length(), $gone->out->minus($gone->at)->length()];
            $share = $in / ($in + $out);
            if ($share > 0.05 && $share < 0.95) {
                $nodes[($node - 1 + $count) % $count] = $before->with(Handle::Out, $before->at->plus(($before->out ?? $before->at)->minus($before->at)->times(1 / $share)));
                $nodes[($node + 1) % $count] = $after->with(Handle::In, $after->at->plus(($after->in ?? $after->at)->minus($after->at)->times(1 / (1 - $share))));
            }
        }
        array_splice($nodes, $node, 1);

        return new self($nodes, $this->closed);
    }

    /** From its end to its start. */
    public function reversed(): self
    {
        return new self(array_map(fn (Node $node): Node => $node->reversed(), array_reverse($this->nodes)), $this->closed);
    }

    /** Closed: ends in one place become one point. */
    public function closed(): self
    {
        $last = count($this->nodes) - 1;
        if ($this->closed || $last < 1) {
            return $this;
        }
        if ($last > 1 && $this->nodes[$last]->at->minus($this->nodes[0]->at)->length() <= self::SAME) {
            $nodes = $this->nodes;
            $nodes[0] = $nodes[0]->with(Handle::In, $nodes[$last]->in);

            return new self(array_slice($nodes, 0, -1), true);
        }

        return new self($this->nodes, true);
    }

    /** @return list<self> open at a node: a closed one begins and ends there, an open one becomes two */
    public function cut(int $node): array
    {
        $at = $this->nodes[$node];
        [$end, $start] = [$at->with(Handle::Out, null), $at->with(Handle::In, null)];
        if ($this->closed) {
            return [new self([$start, ...array_slice($this->nodes, $node + 1), ...array_slice($this->nodes, 0, $node), $end], false)];
        }
        if ($node === 0 || $node === count($this->nodes) - 1) {
            return [$this];
        }

        return [new self([...array_slice($this->nodes, 0, $node), $end], false), new self([$start, ...array_slice($this->nodes, $node + 1)], false)];
    }

    /** Followed by another; where they meet in one place that is one point. */
    public function joined(self $next): self
    {
        [$end, $start] = [$this->nodes[count($this->nodes) - 1], $next->nodes[0]];
        if ($end->at->minus($start->at)->length() <= self::SAME) {
            return new self([...array_slice($this->nodes, 0, -1), $end->with(Handle::Out, $start->out), ...array_slice($next->nodes, 1)], false);
        }

        return new self([...$this->nodes, ...$next->nodes], false);
    }

    public function isEnd(int $node): bool
    {
        return ! $this->closed && ($node === 0 || $node === count($this->nodes) - 1);
    }
}
