<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Layer;
use Kindred\Render\Finish\RoughPen;

/** Draws one kind of layer, in its own coordinates: the layer's corner is 0, 0. */
interface KindRenderer
{
    /** In full style; where the finish is plain, the layer is grey already. */
    public function draw(Layer $layer, Rendering $rendering): string;

    /** As by hand, of a layer that is grey already. */
    public function rough(Layer $layer, Rendering $rendering, RoughPen $pen): string;
}
