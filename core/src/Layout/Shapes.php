<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\IconSource;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
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
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;
use Kindred\Type\Typesetter;

/** The outlines of layers as shapes, of words and icons too. */
final readonly class Shapes
{
    public function __construct(private Typesetter $typesetter, public IconSource $icons)
    {
    }

    /** Whether a layer of this kind has a shape that can be a part of a compound. */
    public static function has(Layer $layer): bool
    {
        return in_array($layer->content::class, [BoxLayer::class, Ellipse::class, PolygonLayer::class, PathLayer::class, LineLayer::class, Text::class, Icon::class, Group::class, Compound::class], true);
    }

    /** Whether it is one shape by itself, which can be another: a group is several. */
    public static function isOne(Layer $layer): bool
    {
        return self::has($layer) && ! $layer->isGroup();
    }

    /** The shape of a layer that can be a part: its outline, or of a line what its strokes paint; null where it has none. */
    public function of(Tree $tree, Layer $layer): ?Operand
    {
        return $layer->content instanceof LineLayer
            ? new Operand($this->line($layer->inked(), $layer->content), operation: $layer->operation)
            : $this->outline($tree, $layer);
    }

    /**
     * What the strokes of a layer run along, in its own coordinates, its corner at 0, 0, with its fill rule and its operation; null where there
     * is nothing. Of a group it is the outline of all that lies in it.
     */
    public function outline(Tree $tree, Layer $layer): ?Operand
    {
        $content = $layer->content;
        $box = new Box(0, 0, $layer->box->width, $layer->box->height);
        $curves = match (true) {
            $content instanceof BoxLayer => Curves::of(PathData::parse($layer->corners->path($box))),
            $content instanceof Ellipse, $content instanceof PolygonLayer => Curves::of($content->path($box)),
            $content instanceof PathLayer => Curves::of(PathData::parse($content->outline())),
            $content instanceof Compound => self::read($content->outline()),
            $content instanceof LineLayer => Curves::of($content->path($box)),
            $content instanceof Text => $this->words($layer, $content),
            $content instanceof Icon => $this->icon($layer, $content),
            $content instanceof Group => $this->together($tree, $layer),
            default => null,
        };

        return $curves === null ? null : new Operand($curves, $content instanceof PathLayer && $content->evenOdd, $layer->operation);
    }

    /**
     * What the parts of a compound, or of a group, come to, in its own coordinates.
     *
     * @throws InvalidInput where something in it has no shape
     */
    public function together(Tree $tree, Layer $layer): Curves
    {
        $parts = [];
        foreach ($tree->children(new Place($layer->screen, $layer->id)) as $part) {
            if ($part->hidden) {
                continue;
            }
            $shape = $this->of($tree, $part) ?? throw new InvalidInput('layers', "“{$part->name}” has no shape of its own and cannot be part of a compound. Nothing was changed.");
            $parts[] = new Operand(self::placed($shape->curves, $part), $shape->evenOdd, $layer->content instanceof Group ? Operation::Union : $part->operation);
        }

        return Algebra::of($parts);
    }

    /** Moved and turned from a layer's own coordinates to those that it lies in. */
    public static function placed(Curves $curves, Layer $layer): Curves
    {
        $half = new Point($layer->box->width / 2, $layer->box->height / 2);
        $corner = $layer->box->centre()->minus($half->turned($layer->rotation));
        [$across, $down] = [(new Point(1, 0))->turned($layer->rotation), (new Point(0, 1))->turned($layer->rotation)];

        return $curves->mapped(fn (Point $point): Point => $corner->plus($across->times($point->x))->plus($down->times($point->y)));
    }

    private function line(Layer $layer, LineLayer $line): Curves
    {
        $path = Curves::of($line->path($layer->box));

        return Algebra::of(array_map(fn (Stroke $stroke): Operand => new Operand(StrokeOutline::of($path, $stroke, false)), Stroke::seen($layer->strokes)));
    }

    private function words(Layer $layer, Text $text): Curves
    {
        return self::read($this->typesetter->faces->drawn($text->laid($this->typesetter, $layer->box), $text->style));
    }

    private function icon(Layer $layer, Icon $icon): Curves
    {
        $nodes = $icon->nodes($this->icons);
        [$x, $y, $scale] = $icon->place($layer->box, $nodes);
        $stroke = Stroke::solid(Colour::rgb(0, 0, 0), $icon->line * $scale)->with(cap: StrokeCap::Round, join: StrokeJoin::Round);
        $drawn = [];
        foreach ($nodes as [$name, $attributes]) {
            $path = Outline::of($name, $attributes)?->mapped($scale, 0, 0, $scale, $x, $y);
            if ($path !== null && Icon::isFilled($attributes)) {
                $drawn[] = new Operand(Curves::of($path));
            }
            if ($path !== null && Icon::isLined($attributes)) {
                $drawn[] = new Operand(StrokeOutline::of(Curves::of($path), $stroke, true));
            }
        }

        return Algebra::of($drawn);
    }

    private static function read(string $d): Curves
    {
        return $d === '' ? new Curves([]) : Curves::of(PathData::parse($d));
    }
}
