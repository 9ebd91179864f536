<?php

declare(strict_types=1);

namespace Kindred\Render\Finish;

use Kindred\Document\Style\Stroke;
use Kindred\Paint\Colour;
use Kindred\Render\Paints;
use Kindred\Render\Svg;

/** The two strokes of a rough pen as SVG. */
final class Strokes
{
    /** Of edges that the design leaves unpainted. */
    private const EDGE = '#6a6a6a';

    private const DARK_EDGE = '#2e2e2e';

    /** A closed figure: filled along its first stroke, its edge drawn with both. */
    public static function figure(string $first, string $second, ?Colour $fill, ?Stroke $stroke): string
    {
        $pencil = Colour::parse($fill !== null && $fill->luminance() < 0.2 ? self::DARK_EDGE : self::EDGE);
        // Even a pale edge is drawn as dark as any other: a pencil has one lead.
        $pale = $stroke !== null && $stroke->width <= 3 && ($fill === null || $fill->luminance() > 0.5) && $stroke->colour->luminance() > $pencil->luminance();
        $colour = $stroke === null || $pale ? $pencil : $stroke->colour;
        $edge = Paints::attributes('stroke', $colour) + ['stroke-width' => $stroke === null ? null : max(0.8, $stroke->width * 0.7)];

        return Svg::element('path', ['d' => $first] + Paints::attributes('fill', $fill) + $edge)
            .($second === '' ? '' : Svg::element('path', ['d' => $second, 'fill' => 'none'] + $edge));
    }

    public static function edge(string $first, string $second, Colour $colour, float $width): string
    {
        return Svg::element('path', ['d' => $first.$second, 'fill' => 'none'] + Paints::attributes('stroke', $colour) + ['stroke-width' => max(0.8, $width * 0.7), 'stroke-linecap' => 'round']);
    }
}
