<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\IconSource;
use Kindred\Render\Drawing\Drawn;
use Kindred\Render\Rendering;
use Kindred\Type\Typesetter;

/** The register of what kinds of layers draw. */
final readonly class KindDrawings
{
    /** @var array<string, KindDrawing> by kind */
    private array $kinds;

    public function __construct(Typesetter $typesetter, IconSource $icons)
    {
        $kinds = [];
        foreach ([new BoxDrawing, new LineDrawing, new PathDrawing, new TextDrawing($typesetter), new PictureDrawing, new IconDrawing($icons)] as $drawing) {
            $kinds += array_fill_keys($drawing::kinds(), $drawing);
        }
        $this->kinds = $kinds;
    }

    /** @return list<Drawn> what the layer itself draws, without what lies in it: a group draws nothing */
    public function of(Layer $layer, Rendering $rendering): array
    {
        return ($this->kinds[$layer->kind()] ?? null)?->of($layer, $rendering) ?? [];
    }
}
