<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Geometry\Algebra\Algebra;
use Kindred\Geometry\Algebra\Beside;
use Kindred\Geometry\Algebra\Operand;
use Kindred\Geometry\Algebra\Operation;
use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Point;

/** The area that a stroke paints (SVG 2, section 13.5), as a shape; and shapes grown or shrunk by a distance, which is the same reckoning. */
final class StrokeOutline
{
    /** SVG's initial `stroke-miterlimit`. */
    private const MITER = 4.0;

    /** Pieces that the length of a curve is reckoned with. */
    private const PIECES = 64;

    /**
     * What a stroke paints along a path, with its dashes and the marks at its ends.
     *
     * @param  bool  $evenOdd  the fill rule of the path, by which a stroke lies inside or outside
     * @param  bool  $onPath  whether it is a free path
     */
    public static function of(Curves $path, Stroke $stroke, bool $onPath, bool $evenOdd = false): Curves
    {
        $closed = array_filter($path->subpaths, fn (Subpath $subpath): bool => $subpath->closed) !== [];
        $position = $closed ? $stroke->resolvedPosition($onPath) : StrokePosition::Centre;
        $width = $position === StrokePosition::Centre ? $stroke->width : 2 * $stroke->width;
        $shape = self::around($path, $width / 2, $stroke->ends($onPath), $stroke->turns($onPath), $stroke->dash);
        if ($position !== StrokePosition::Centre) {
            $shape = Algebra::of([new Operand($shape), new Operand($path, $evenOdd, $position === StrokePosition::Inside ? Operation::Intersect : Operation::Subtract)]);
        }
        $marks = StrokeMarks::of($path, $stroke);

        return $marks === null ? $shape : Algebra::of([new Operand($shape), new Operand(Curves::of($marks))]);
    }

    /**
     * A shape with its edge so much further out, or further in where that is less than nothing.
     *
     * @param  float  $by  px
     */
    public static function offset(Curves $shape, float $by, StrokeJoin $join, bool $evenOdd = false): Curves
    {
        if ($by === 0.0) {
            return $shape;
        }
        $closed = new Curves(array_map(fn (Subpath $subpath): Subpath => $subpath->closed(), $shape->subpaths));

        return Algebra::of([new Operand($closed, $evenOdd), new Operand(self::around($closed, abs($by), StrokeCap::Butt, $join, []), operation: $by > 0 ? Operation::Union : Operation::Subtract)]);
    }

    /** @param  list<float>  $dash */
    private static function around(Curves $path, float $distance, StrokeCap $cap, StrokeJoin $join, array $dash): Curves
    {
        $beside = new Beside($distance);
        foreach ($path->subpaths as $subpath) {
            foreach ($dash === [] || array_sum($dash) <= 0 ? [$subpath] : self::dashes($subpath, $dash) as $part) {
                self::along($beside, $part, $cap, $join);
            }
        }

        return $beside->shape();
    }

    private static function along(Beside $beside, Subpath $subpath, StrokeCap $cap, StrokeJoin $join): void
    {
        $curves = $subpath->count() === 0 ? [] : array_values(array_filter(array_map($subpath->curve(...), range(0, $subpath->count() - 1)), fn (Cubic $curve): bool => $curve->direction() !== null));
        if ($curves === []) {
            return;
        }
        $count = count($curves);
        foreach ($curves as $i => $curve) {
            $beside->along($curve);
            $next = $i + 1 < $count ? $curves[$i + 1] : ($subpath->closed ? $curves[0] : null);
            if ($next !== null) {
                $beside->corner($curve->d, self::way($curve), $next->direction() ?? self::way($curve), $join === StrokeJoin::Round, $join === StrokeJoin::Miter ? self::MITER : 0.0);
            }
        }
        if (! $subpath->closed && $cap !== StrokeCap::Butt) {
            $beside->end($curves[0]->a, self::way($curves[0]->reversed()), $cap === StrokeCap::Round);
            $beside->end($curves[$count - 1]->d, self::way($curves[$count - 1]), $cap === StrokeCap::Round);
        }
    }

    /** The direction in which a curve comes to its end. */
    private static function way(Cubic $curve): Point
    {
        return $curve->reversed()->direction()?->times(-1) ?? new Point(1, 0);
    }

    /**
     * The parts of a subpath that are painted.
     *
     * @param  non-empty-list<float>  $dash
     * @return list<Subpath>
     */
    private static function dashes(Subpath $subpath, array $dash): array
    {
        // An odd number of lengths is repeated to yield an even one.
        $dash = count($dash) % 2 === 1 ? [...$dash, ...$dash] : $dash;
        [$out, $part, $at, $left] = [[], [], 0, $dash[0]];
        for ($i = 0; $i < $subpath->count(); $i++) {
            $curve = $subpath->curve($i);
            $length = $curve->length(self::PIECES);
            while ($length > $left) {
                [$one, $curve] = $curve->split($curve->place($left, self::PIECES));
                if ($at % 2 === 0) {
                    $part[] = $one;
                }
                if ($part !== []) {
                    $out[] = Subpath::along($part);
                }
                $part = [];
                $length -= $left;
                $at = ($at + 1) % count($dash);
                $left = $dash[$at];
                // Lengths of nothing at all would never end.
                if (count($out) > 20_000) {
                    return $out;
                }
            }
            $left -= $length;
            if ($at % 2 === 0 && $length > 0) {
                $part[] = $curve;
            }
        }
        if ($part !== []) {
            $out[] = Subpath::along($part);
        }

        return $out;
    }
}
