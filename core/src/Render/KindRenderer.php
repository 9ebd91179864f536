<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Layer;

/** Draws one kind of layer, in its own coordinates: the layer's corner is 0, 0. */
interface KindRenderer
{
    public function draw(Layer $layer, Rendering $rendering): string;
}
