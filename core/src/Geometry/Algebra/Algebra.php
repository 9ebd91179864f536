<?php

declare(strict_types=1);

namespace Kindred\Geometry\Algebra;

use Kindred\Geometry\Curve\Curves;
use Kindred\Input\InvalidInput;

/**
 * Shapes put together: the outline of what is inside of them, by the operation of each. Curves stay curves, of as few points as there can be.
 *
 * All outlines are cut where they cross, touch or begin to lie on each other; what is left between the cuts bounds the result where it is inside
 * on one side and not on the other. Its two sides are told by counting what a ray crosses, once for each chain of edges between places where
 * others meet them, so nothing hangs on the order of directions at a point; where tiny pieces were told wrong, ends are left over, and all is
 * done again with what lies near each other taken for one place from a larger distance on.
 */
final class Algebra
{
    /** What is less apart lies in one place: shares of the largest number, the least first. */
    private const NEAR = [1e-9, 1e-8, 1e-7, 1e-6];

    /** Chains are looked at from places that are further away from others than so many times what counts as one place. */
    private const CLEAR = 100;

    /**
     * @param  list<Operand>  $operands
     *
     * @throws InvalidInput where they cross each other too often
     */
    public static function of(array $operands): Curves
    {
        $pieces = new Pieces($operands);
        if ($pieces->arcs === []) {
            return new Curves([]);
        }
        for ($try = 0; ; $try++) {
            $near = max($pieces->extent * self::NEAR[$try], 1e-12);
            $crossings = new Crossings($pieces, $near);
            $loops = self::bounds($operands, new Arrangement($pieces, $crossings, $near), $near);
            if ((! $crossings->givenUp && $loops->areClosed()) || ! isset(self::NEAR[$try + 1])) {
                return $loops->curves();
            }
        }
    }

    /** @param  list<Operand>  $operands */
    private static function bounds(array $operands, Arrangement $on, float $near): Loops
    {
        $windings = new Windings($on);
        // Only these change anything where a place is not inside of them.
        $intersecting = array_filter(array_slice($operands, 1, preserve_keys: true), fn (Operand $operand): bool => $operand->operation === Operation::Intersect);
        $bounds = [];
        foreach ($on->chains() as $chain) {
            if (! $on->parts($chain[0][0])) {
                continue;
            }
            [$left, [$seen, $along]] = self::seen($windings, $chain, $near);
            $right = $left;
            foreach ($on->winds[$seen] as $operand => $more) {
                $right[$operand] = ($right[$operand] ?? 0) - $more;
            }
            [$isLeft, $isRight] = [self::inside($operands, $intersecting, $left), self::inside($operands, $intersecting, $right)];
            if ($isLeft === $isRight) {
                continue;
            }
            foreach ($chain as [$edge, $way]) {
                $bounds[] = [$edge, $isLeft !== ($way === $along)];
            }
        }

        return new Loops($on, $bounds, $near);
    }

    /**
     * The windings on the left of an edge of a chain, and that edge with its way along the chain: one that others do not come too near, if there is one.
     *
     * @param  list<array{int, int}>  $chain
     * @return array{array<int, int>, array{int, int}}
     */
    private static function seen(Windings $windings, array $chain, float $near): array
    {
        $best = null;
        $count = count($chain);
        foreach ([[0.5, 0.5], [0.25, 0.31], [0.75, 0.69], [0.1, 0.43], [0.9, 0.57]] as [$where, $share]) {
            $one = $chain[(int) ($count * $where)];
            [$left, $clear] = $windings->left($one[0], $share);
            if ($best === null || $clear > $best[2]) {
                $best = [$left, $one, $clear];
            }
            if ($clear > self::CLEAR * $near) {
                break;
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * @param  list<Operand>  $operands
     * @param  array<int, Operand>  $intersecting  by their number
     * @param  array<int, int>  $winds  by the number of an operand; those that are not there do not wind round it
     */
    private static function inside(array $operands, array $intersecting, array $winds): bool
    {
        $inside = false;
        $asked = $winds + $intersecting;
        ksort($asked);
        foreach (array_keys($asked) as $i) {
            $operand = $operands[$i];
            $in = $operand->inside($winds[$i] ?? 0);
            $inside = $i === 0 ? $in : $operand->operation->inside($inside, $in);
        }

        return $inside;
    }
}
