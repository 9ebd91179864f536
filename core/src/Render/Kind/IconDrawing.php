<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\IconSource;
use Kindred\Geometry\Box;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Glyph;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;

/** An icon in the middle of its box, as large as the shorter side allows. */
final readonly class IconDrawing implements KindDrawing
{
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
        $nodes = $icon->nodes($this->icons);
        $glyph = new Glyph($nodes, ...[...$icon->place($layer->box, $nodes), $icon->line, Paints::fills($layer, $rendering->ink())]);

        return $rendering->editable ? [Grip::inside(new BoxShape(new Box(0, 0, $layer->box->width, $layer->box->height))), $glyph] : [$glyph];
    }
}
