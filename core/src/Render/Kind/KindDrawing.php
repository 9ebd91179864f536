<?php

declare(strict_types=1);

namespace Kindred\Render\Kind;

use Kindred\Document\Layer;
use Kindred\Render\Drawing\Drawn;
use Kindred\Render\Rendering;

/** Says what layers of some kinds draw; how it is painted is a painter's. */
interface KindDrawing
{
    /** @return list<string> the kinds of layers */
    public static function kinds(): array;

    /** @return list<Drawn> back to front, in the layer's own coordinates: its corner is 0, 0. Where the finish has no colours, the layer is grey already */
    public function of(Layer $layer, Rendering $rendering): array;
}
