<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Style\Fill;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\PathShape;
use Kindred\Render\Rendering;

final readonly class PathDrawing implements KindDrawing
{
    public static function kinds(): array
    {
        return [PathLayer::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $path = $layer->content;
        if (! $path instanceof PathLayer) {
            return [];
        }
        $breadth = min($layer->box->width, $layer->box->height);
        $d = $path->outline();
        $figure = Figure::filled(new PathShape($d, $breadth, $path->evenOdd), $layer->fills, $layer->strokes, onPath: true);

        return $rendering->editable && Fill::seen($layer->fills) === [] ? [$figure, Grip::along(new PathShape($d, $breadth), $layer->strokes[0]->width ?? 0)] : [$figure];
    }
}
