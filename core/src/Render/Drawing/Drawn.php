<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

/** One thing that a layer draws, in the layer's own coordinates: a figure, words, a picture, an icon, a grip. */
interface Drawn
{
    /** As a painter paints it: SVG. */
    public function paintedBy(Painter $painter): string;

    /** How far it is painted outside its layer's box, px. */
    public function reach(): float;
}
