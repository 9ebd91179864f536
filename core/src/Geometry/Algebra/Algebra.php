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
        $windings = new Windings($on, count($operands));
        $bounds = [];
        foreach ($on->chains() as $chain) {
            if (! $on->parts($chain[0][0])) {
                continue;
            }
            [$left, $seen] = self::seen($windings, $chain, $near);
            $right = array_map(fn (int $winds, int $operand): int => $winds - ($on->winds[$seen][$operand] ?? 0), $left, array_keys($left));
            [$isLeft, $isRight] = [self::inside($operands, $left), self::inside($operands, $right)];
            if ($isLeft === $isRight) {
                continue;
            }
            // The edge that was looked at runs along the chain or against it.
            $along = 1;
            foreach ($chain as [$edge, $way]) {
                if ($edge === $seen) {
                    $along = $way;
                }
            }
            foreach ($chain as [$edge, $way]) {
                $bounds[] = [$edge, $isLeft !== ($way === $along)];
            }
        }

        return new Loops($on, $bounds, $near);
    }

    /**
     * The windings on the left of an edge of a chain, and that edge: one that others do not come too near, if there is one.
     *
     * @param  list<array{int, int}>  $chain
     * @return array{list<int>, int}
     */
    private static function seen(Windings $windings, array $chain, float $near): array
    {
        $best = null;
        $count = count($chain);
        foreach ([[0.5, 0.5], [0.25, 0.31], [0.75, 0.69], [0.1, 0.43], [0.9, 0.57]] as [$where, $share]) {
            $edge = $chain[(int) ($count * $where)][0];
            [$left, $clear] = $windings->left($edge, $share);
            if ($best === null || $clear > $best[2]) {
                $best = [$left, $edge, $clear];
            }
            if ($clear > self::CLEAR * $near) {
                break;
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * @param  list<Operand>  $operands
     * @param  list<int>  $winds
     */
    private static function inside(array $operands, array $winds): bool
    {
        $inside = $operands[0]->inside($winds[0]);
        for ($i = 1; $i < count($operands); $i++) {
            $inside = $operands[$i]->operation->inside($inside, $operands[$i]->inside($winds[$i]));
        }

        return $inside;
    }
}
