<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
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
        return [PathLayer::kind(), Compound::kind()];
    }

    public function of(Layer $layer, Rendering $rendering): array
    {
        $path = $layer->content;
        $d = match (true) {
            $path instanceof PathLayer, $path instanceof Compound => $path->outline(),
            default => '',
        };
        if ($d === '') {
            return [];
        }
        $breadth = min($layer->box->width, $layer->box->height);
        $figure = Figure::filled(new PathShape($d, $breadth, $path instanceof PathLayer && $path->evenOdd), $layer->fills, $layer->strokes, onPath: true);

        return $rendering->editable && Fill::seen($layer->fills) === [] ? [$figure, Grip::along(new PathShape($d, $breadth), $layer->strokes[0]->width ?? 0)] : [$figure];
    }
}
