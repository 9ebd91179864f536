<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Glyph;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\IconSource;
use Kindred\Render\PaintedCentre;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;

/** An icon in the middle of its box, as large as the shorter side allows. */
final readonly class IconDrawing implements KindDrawing
{
    /** Units of the grid that icons are drawn on. */
    private const GRID = 24;

    public function __construct(private IconSource $icons)
    {
    }

    public static function kinds(): array
    {
        return [Icon::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $icon = $layer->content;
        if (! $icon instanceof Icon) {
            return [];
        }
        $side = min($layer->box->width, $layer->box->height);
        $scale = $side / self::GRID;
        $nodes = $this->icons->nodes($icon->icon) ?? [['circle', ['cx' => '12', 'cy' => '12', 'r' => '9']]];
        $centre = $icon->optical ? PaintedCentre::of($nodes) : new Point(self::GRID / 2, self::GRID / 2);
        $glyph = new Glyph(
            $nodes,
            ($layer->box->width - $side) / 2 + (self::GRID / 2 - $centre->x) * $scale,
            ($layer->box->height - $side) / 2 + (self::GRID / 2 - $centre->y) * $scale,
            $scale, $icon->line, Paints::fills($layer, $rendering->ink()),
        );

        return $rendering->editable ? [Grip::inside(new BoxShape(new Box(0, 0, $layer->box->width, $layer->box->height))), $glyph] : [$glyph];
    }
}
