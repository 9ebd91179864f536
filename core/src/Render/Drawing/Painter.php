<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

/** Paints what layers draw as one finish has it. There is one for each way to paint, and none knows a kind of layer. */
interface Painter
{
    /** @param  list<Drawn>  $drawn  back to front */
    public function paint(array $drawn): string;

    public function figure(Figure $figure): string;

    public function words(Words $words): string;

    public function glyph(Glyph $glyph): string;

    public function image(Image $image): string;
}
