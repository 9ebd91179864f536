<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

/**
 * The curves of all operands, and what they are cut into: arcs that do not turn back along either axis, so that the box between the ends of one
 * holds it, and no curve crosses itself.
 *
 * @phpstan-import-type Numbers from Arc
 */
final class Pieces
{
    /** @var list<Numbers> */
    public array $curves = [];

    /** @var list<bool> of each curve, whether it is a straight line */
    public array $lines = [];

    /** @var list<int> of each curve, the number of its operand */
    public array $operands = [];

    /** @var list<Numbers> */
    public array $arcs = [];

    /** @var list<int> of each arc, the number of its curve */
    public array $of = [];

    /** @var list<float> of each arc, where it begins on its curve */
    public array $from = [];

    /** @var list<float> and where it ends */
    public array $to = [];

    /** How large the numbers are, px. */
    public float $extent = 0.0;

    /** @param  list<Operand>  $operands */
    public function __construct(array $operands)
    {
        foreach ($operands as $number => $operand) {
            foreach ($operand->curves->subpaths as $subpath) {
                $count = count($subpath->nodes);
                foreach ($subpath->nodes as $i => $node) {
                    $next = $subpath->nodes[($i + 1) % $count];
                    [$a, $d] = [$node->at, $next->at];
                    $open = ! $subpath->closed && $i === $count - 1;
                    if ($open || ($node->out === null && $next->in === null)) {
                        $this->add($number, true, [$a->x, $a->y, $a->x, $a->y, $d->x, $d->y, $d->x, $d->y]);
                    } else {
                        [$b, $c] = [$node->out ?? $a, $next->in ?? $d];
                        $this->add($number, false, [$a->x, $a->y, $b->x, $b->y, $c->x, $c->y, $d->x, $d->y]);
                    }
                }
            }
        }
    }

    /** @param  Numbers  $c */
    private function add(int $operand, bool $line, array $c): void
    {
        $min = min($c);
        $max = max($c);
        $this->extent = max($this->extent, -$min, $max);
        if ($line) {
            if ($c[0] === $c[6] && $c[1] === $c[7]) {
                return;
            }
            // Runs along evenly, so that a share of it is one of its length.
            [$dx, $dy] = [($c[6] - $c[0]) / 3, ($c[7] - $c[1]) / 3];
            $c = [$c[0], $c[1], $c[0] + $dx, $c[1] + $dy, $c[6] - $dx, $c[7] - $dy, $c[6], $c[7]];
        } elseif ($c[0] === $c[6] && $c[1] === $c[7] && $c[0] === $c[2] && $c[0] === $c[4] && $c[1] === $c[3] && $c[1] === $c[5]) {
            return;
        }
        $curve = count($this->curves);
        $this->curves[] = $c;
        $this->lines[] = $line;
        $this->operands[] = $operand;
        $turns = $line ? [] : Arc::turns($c);
        if ($turns === []) {
            $this->arcs[] = $c;
            $this->of[] = $curve;
            $this->from[] = 0.0;
            $this->to[] = 1.0;

            return;
        }
        $before = 0.0;
        [$x, $y] = [$c[0], $c[1]];
        foreach ([...$turns, 1.0] as $t) {
            $arc = Arc::range($c, $before, $t);
            // The next begins where this one ends, to the last digit.
            [$arc[0], $arc[1]] = [$x, $y];
            [$x, $y] = [$arc[6], $arc[7]];
            $this->arcs[] = $arc;
            $this->of[] = $curve;
            $this->from[] = $before;
            $this->to[] = $t;
            $before = $t;
        }
    }
}
