<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Place;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeCap;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Document\Style\StrokeOutline;
use Kindred\Document\Tree;
use Kindred\Geometry\Algebra\Algebra;
use Kindred\Geometry\Algebra\Operand;
use Kindred\Geometry\Algebra\Operation;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Outline;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;

/**
 * Icons made of layers. An icon has one colour: what is filled becomes one area, from which what is painted nearly white is cut out, as
 * it looks on paper; strokes stay lines, all of one width.
 */
final readonly class IconShapes
{
    /** Of OKLab: what is lighter is paper. */
    private const PAPER = 0.93;

    /** What is filled and what is stroked, each counted. */
    private const MAX_PARTS = 400;

    /** Units of the grid that are left free around what is drawn, where nothing says how large the whole is. */
    private const MARGIN = 1.0;

    public function __construct(private Shapes $shapes)
    {
    }

    /**
     * @param  list<Layer>  $layers  back to front, in one place
     * @param  Box|null  $frame  what the grid covers, in the coordinates that they lie in; null for what is drawn
     *
     * @throws InvalidInput where nothing of them is drawn in lines or areas
     */
    public function of(Tree $tree, array $layers, string $name, ?Box $frame = null): OwnIcon
    {
        $painted = array_merge([], ...array_map(fn (Layer $layer): array => $this->painted($tree, $layer), $layers));
        if (count($painted) > self::MAX_PARTS) {
            throw new InvalidInput('layers', 'An icon is made of at most '.self::MAX_PARTS.' shapes; this has '.count($painted).'. Nothing was changed.');
        }
        $bounds = self::bounds($painted);
        if ($bounds === null) {
            throw new InvalidInput('layers', 'Nothing of it is drawn in lines or filled, which is all that an icon can have. Nothing was changed.');
        }
        $room = Icon::GRID - ($frame === null ? 2 * self::MARGIN : 0.0);
        $frame ??= $bounds;
        $scale = $room / max($frame->width, $frame->height, 1e-6);
        $middle = $frame->centre();
        $toGrid = fn (Point $point): Point => $point->minus($middle)->times($scale)->plus(new Point(Icon::GRID / 2, Icon::GRID / 2));
        $lines = $areas = [];
        foreach ($painted as [$curves, $evenOdd, $width, $isPaper]) {
            $curves = $curves->mapped($toGrid);
            $shape = $width === null || ! $isPaper ? $curves : self::outlined($curves, $width * $scale);
            if ($isPaper) {
                // A line that lies below paper is cut by it, and is an area from then on.
                foreach ($lines as $i => [$below, $lineWidth]) {
                    $one = self::box($below, $lineWidth);
                    $paper = self::box($shape, 0.0);
                    if (Box::between(max($one->x, $paper->x), max($one->y, $paper->y), min($one->right(), $paper->right()), min($one->bottom(), $paper->bottom())) !== null) {
                        $areas[] = new Operand(self::outlined($below, $lineWidth));
                        unset($lines[$i]);
                    }
                }
                $areas[] = new Operand($shape, $width === null && $evenOdd, Operation::Subtract);
            } elseif ($width === null) {
                $areas[] = new Operand($shape, $evenOdd);
            } else {
                $lines[] = [$curves, $width * $scale];
            }
        }
        // What is cut out of nothing is nothing.
        while ($areas !== [] && $areas[0]->operation === Operation::Subtract) {
            array_shift($areas);
        }
        $area = $areas === [] ? '' : Algebra::of($areas)->path()->text();
        $icon = new OwnIcon(
            $name,
            (new Curves(array_merge([], ...array_map(fn (array $line): array => $line[0]->subpaths, array_values($lines)))))->path()->text(),
            $area,
            $lines === [] ? 2.0 : round(min(4.0, max(0.5, array_sum(array_column($lines, 1)) / count($lines))), 2),
        );

        return $icon->lines === '' && $icon->areas === '' ? throw new InvalidInput('layers', 'All of it is nearly white; an icon is what is darker. Nothing was changed.') : $icon->checked();
    }

    /** @return list<array{Curves, bool, float|null, bool}> what is painted, back to front: along or in what, whether even-odd, the width of a stroke, whether nearly white; in the coordinates that the layer lies in */
    private function painted(Tree $tree, Layer $layer): array
    {
        if ($layer->hidden) {
            return [];
        }
        $inside = $layer->isContainer() && ! $layer->content instanceof Compound
            ? array_merge([], ...array_map(fn (Layer $child): array => $this->painted($tree, $child), $tree->children(new Place($layer->screen, $layer->id))))
            : [];
        if ($layer->content instanceof Icon) {
            $inside = $this->drawn($layer, $layer->content);
        } elseif (Shapes::isOne($layer)) {
            $layer = $layer->inked();
            $inside = $this->shape($this->shapes->outline($tree, $layer) ?? new Operand(new Curves([])), $layer);
        }

        return array_map(fn (array $one): array => [Shapes::placed($one[0], $layer), ...array_slice($one, 1)], $inside);
    }

    /** @return list<array{Curves, bool, float|null, bool}> */
    private function shape(Operand $shape, Layer $layer): array
    {
        $painted = [];
        $fill = $layer->content instanceof LineLayer ? null : Fill::front($layer->fills);
        if ($fill !== null && $fill->colour()->alpha > 0) {
            $painted[] = [$shape->curves, $shape->evenOdd, null, self::isPaper($fill->colour())];
        }
        foreach (Stroke::seen($layer->strokes) as $stroke) {
            $painted[] = [$shape->curves, $shape->evenOdd, $stroke->width, self::isPaper($stroke->colour())];
        }

        return $shape->curves->subpaths === [] ? [] : $painted;
    }

    /** @return list<array{Curves, bool, float|null, bool}> an icon that is drawn already stays one of lines */
    private function drawn(Layer $layer, Icon $icon): array
    {
        $nodes = $icon->nodes($this->shapes->icons);
        [$x, $y, $scale] = $icon->place($layer->box, $nodes);
        $drawn = [];
        foreach ($nodes as [$name, $attributes]) {
            $path = Outline::of($name, $attributes)?->mapped($scale, 0, 0, $scale, $x, $y);
            if ($path !== null && Icon::isFilled($attributes)) {
                $drawn[] = [Curves::of($path), false, null, false];
            }
            if ($path !== null && Icon::isLined($attributes)) {
                $drawn[] = [Curves::of($path), false, $icon->line * $scale, false];
            }
        }

        return $drawn;
    }

    private static function isPaper(Colour $colour): bool
    {
        return Oklab::of($colour)->lightness > self::PAPER;
    }

    /** @param  list<array{Curves, bool, float|null, bool}>  $painted */
    private static function bounds(array $painted): ?Box
    {
        $boxes = [];
        foreach ($painted as [$curves, , $width]) {
            if ($curves->subpaths !== []) {
                $boxes[] = self::box($curves, $width ?? 0.0);
            }
        }

        return $boxes === [] ? null : Box::around(...$boxes);
    }

    /** Around something that is drawn, with what its stroke reaches beyond it. */
    private static function box(Curves $curves, float $width): Box
    {
        $box = $curves->path()->bounds() ?? new Box(0, 0, 0, 0);

        return new Box($box->x - $width / 2, $box->y - $width / 2, $box->width + $width, $box->height + $width);
    }

    private static function outlined(Curves $curves, float $width): Curves
    {
        return StrokeOutline::of($curves, Stroke::solid(Colour::rgb(0, 0, 0), $width)->with(cap: StrokeCap::Round, join: StrokeJoin::Round), true);
    }
}
