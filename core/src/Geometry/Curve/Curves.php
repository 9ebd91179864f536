<?php

declare(strict_types=1);

namespace Kindred\Geometry\Curve;

use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

/** A path as its subpaths with their points and handles, to be edited. A point is named by the numbers of its subpath and of itself, from 0. */
final readonly class Curves
{
    /** @param  list<Subpath>  $subpaths */
    public function __construct(public array $subpaths)
    {
    }

    /** A closed subpath that ends where it began has one point there. What draws nothing, a move without a line or a line without length, is left out. */
    public static function of(PathData $path): self
    {
        $subpaths = [];
        /** @var list<Node> $nodes */
        $nodes = [];
        $end = function (bool $closed) use (&$subpaths, &$nodes): void {
            if (count($nodes) > 1) {
                $subpath = new Subpath($nodes, false);
                $subpaths[] = $closed ? $subpath->closed() : $subpath;
            }
        };
        foreach ($path->segments as [$letter, $n]) {
            if ($letter === 'Z') {
                $first = $nodes[0] ?? new Node(new Point(0, 0));
                $end(true);
                // What follows without a move begins there, too.
                $nodes = [$first->corner()];

                continue;
            }
            if ($letter === 'M') {
                $end(false);
                $nodes = [new Node(new Point($n[0], $n[1]))];

                continue;
            }
            $last = count($nodes) - 1;
            if ($letter === 'C' && $last >= 0) {
                $nodes[$last] = $nodes[$last]->with(Handle::Out, new Point($n[0], $n[1]));
                $nodes[] = (new Node(new Point($n[4], $n[5])))->with(Handle::In, new Point($n[2], $n[3]));
            } elseif ($last < 0 || $nodes[$last]->at->minus(new Point($n[0], $n[1]))->length() > 0) {
                $nodes[] = new Node(new Point($n[0], $n[1]));
            }
        }
        $end(false);

        return new self($subpaths);
    }

    public function path(): PathData
    {
        $segments = [];
        foreach ($this->subpaths as $subpath) {
            $segments[] = ['M', self::numbers($subpath->nodes[0]->at)];
            for ($i = 0; $i < $subpath->count(); $i++) {
                $curve = $subpath->curve($i);
                $last = $subpath->closed && $i === $subpath->count() - 1;
                if (! $subpath->isLine($i)) {
                    $segments[] = ['C', [...self::numbers($curve->b), ...self::numbers($curve->c), ...self::numbers($curve->d)]];
                } elseif (! $last) {
                    $segments[] = ['L', self::numbers($curve->d)];
                }
            }
            if ($subpath->closed) {
                $segments[] = ['Z', []];
            }
        }

        return PathData::of($segments);
    }

    /** @param  \Closure(Point): Point  $map */
    public function mapped(\Closure $map): self
    {
        return new self(array_map(fn (Subpath $subpath): Subpath => new Subpath(array_map(fn (Node $node): Node => $node->mapped($map), $subpath->nodes), $subpath->closed), $this->subpaths));
    }

    /** With the corners of all its parts rounded. */
    public function rounded(float $radius): self
    {
        return $radius <= 0 ? $this : new self(array_map(fn (Subpath $subpath): Subpath => $subpath->rounded($radius), $this->subpaths));
    }

    /** What its subpaths enclose, px², open ones closed by a line: positive where they run clockwise on screen, those the other way taken off. */
    public function area(): float
    {
        $area = 0.0;
        foreach ($this->subpaths as $subpath) {
            for ($i = 0; $i < $subpath->count(); $i++) {
                $area += $subpath->curve($i)->area();
            }
            if (! $subpath->closed && $subpath->nodes !== []) {
                $area += $subpath->nodes[count($subpath->nodes) - 1]->at->cross($subpath->nodes[0]->at) / 2;
            }
        }

        return $area;
    }

    public function node(int $subpath, int $node): ?Node
    {
        return $this->subpaths[$subpath]->nodes[$node] ?? null;
    }

    /** Whether there is a curve or a line after a point. */
    public function hasCurve(int $subpath, int $after): bool
    {
        return isset($this->subpaths[$subpath]) && $after >= 0 && $after < $this->subpaths[$subpath]->count();
    }

    public function with(int $number, Subpath ...$instead): self
    {
        $all = $this->subpaths;
        array_splice($all, $number, 1, $instead);

        return new self($all);
    }

    /**
     * With some points changed.
     *
     * @param  list<array{int, int}>  $points
     * @param  \Closure(Node, Subpath, int): Node  $by
     */
    public function changed(array $points, \Closure $by): self
    {
        $all = $this->subpaths;
        foreach (self::bySubpath($points) as $number => $nodes) {
            $subpath = $this->subpaths[$number];
            $all[$number] = $subpath->with(array_combine($nodes, array_map(fn (int $node): Node => $by($subpath->nodes[$node], $subpath, $node), $nodes)));
        }

        return new self(array_values($all));
    }

    /**
     * Without some points; a subpath of which one is left goes with it.
     *
     * @param  list<array{int, int}>  $points
     */
    public function without(array $points): self
    {
        $all = $this->subpaths;
        foreach (self::bySubpath($points) as $number => $nodes) {
            rsort($nodes);
            foreach ($nodes as $node) {
                $all[$number] = $all[$number]->without($node);
            }
        }

        return new self(array_values(array_filter($all, fn (Subpath $subpath): bool => count($subpath->nodes) > 1)));
    }

    /**
     * Cut open at some points.
     *
     * @param  list<array{int, int}>  $points
     */
    public function cut(array $points): self
    {
        $out = [];
        $at = self::bySubpath($points);
        foreach ($this->subpaths as $number => $subpath) {
            $pieces = [$subpath];
            $nodes = $at[$number] ?? [];
            sort($nodes);
            if ($subpath->closed && $nodes !== []) {
                // Open at the first, it begins there.
                $pieces = $subpath->cut($nodes[0]);
                $nodes = array_map(fn (int $node): int => $node - $nodes[0], array_slice($nodes, 1));
            }
            foreach (array_reverse($nodes) as $node) {
                array_splice($pieces, 0, 1, $pieces[0]->cut($node));
            }
            array_push($out, ...$pieces);
        }

        return new self($out);
    }

    /**
     * Two ends joined: of one subpath, which is closed then, or of two, which become one.
     *
     * @param  array{int, int}  $one
     * @param  array{int, int}  $other
     */
    public function joined(array $one, array $other): self
    {
        [[$a, $i], [$b, $j]] = $one[0] <= $other[0] ? [$one, $other] : [$other, $one];
        if ($a === $b) {
            return $this->with($a, $this->subpaths[$a]->closed());
        }
        $first = $i === 0 ? $this->subpaths[$a]->reversed() : $this->subpaths[$a];
        $second = $j === 0 ? $this->subpaths[$b] : $this->subpaths[$b]->reversed();

        return $this->with($b)->with($a, $first->joined($second));
    }

    /**
     * @param  list<array{int, int}>  $points
     * @return array<int, list<int>> the numbers of points by that of their subpath
     */
    private static function bySubpath(array $points): array
    {
        $by = [];
        foreach ($points as [$subpath, $node]) {
            $by[$subpath][$node] = $node;
        }

        return array_map(array_values(...), $by);
    }

    /** @return array{float, float} */
    private static function numbers(Point $point): array
    {
        return [$point->x, $point->y];
    }
}
