<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Stroke;
use Kindred\Render\Paints;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\FaceBook;

/** Paints exactly: every fill from back to front, then the stroke; words live or as outlines. */
final readonly class FlatPainter implements Painter
{
    public function __construct(private FaceBook $faces, private TextMode $text)
    {
    }

    public function paint(array $drawn): string
    {
        return implode('', array_map(fn (Drawn $one): string => $one->paintedBy($this), $drawn));
    }

    public function figure(Figure $figure): string
    {
        $out = '';
        foreach (array_reverse($figure->fills) as $fill) {
            $out .= $figure->shape->element(Paints::attributes('fill', $fill->colour));
        }

        return $figure->stroke === null ? $out : $out.$this->stroke($figure, $figure->stroke);
    }

    private function stroke(Figure $figure, Stroke $stroke): string
    {
        return $figure->shape->grown($stroke->position->offset() * $stroke->width)->element(
            ['fill' => 'none'] + Paints::attributes('stroke', $stroke->colour) + ['stroke-width' => $stroke->width] + ($figure->round ? ['stroke-linejoin' => 'round', 'stroke-linecap' => 'round'] : []),
        );
    }

    public function words(Words $words): string
    {
        return $this->text === TextMode::Live ? $this->live($words) : $this->outlined($words);
    }

    public function glyph(Glyph $glyph): string
    {
        $shapes = implode('', array_map(fn (array $node): string => Svg::element($node[0], $node[1]), $glyph->nodes));

        return Svg::element('g', [
            'transform' => sprintf('translate(%s %s) scale(%s)', round($glyph->x, 3), round($glyph->y, 3), round($glyph->scale, 5)),
            'fill' => 'none',
            'stroke-width' => $glyph->line,
            'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round',
        ] + Paints::attributes('stroke', $glyph->colour), $shapes);
    }

    public function image(Image $image): string
    {
        $clip = $image->clip === null ? '' : Svg::element('clipPath', ['id' => $image->clipId], $image->clip->element([]));
        $place = $image->place;

        return $clip.Svg::element('image', [
            'href' => $image->href,
            'x' => $place->x === 0.0 ? null : $place->x,
            'y' => $place->y === 0.0 ? null : $place->y,
            'width' => $place->width,
            'height' => $place->height,
            'preserveAspectRatio' => $image->fit,
            'clip-path' => $image->clip === null ? null : "url(#{$image->clipId})",
        ]);
    }

    private function live(Words $words): string
    {
        $style = $words->style;
        [$family, $weight] = $this->faces->nearest($style->family, $style->weight);
        $lines = '';
        foreach ($words->laid->lines as $line) {
            if (trim($line->text) !== '') {
                $lines .= Svg::element('tspan', ['x' => $line->x, 'y' => $line->baseline], Svg::text($line->text));
            }
        }

        return $lines === '' ? '' : Svg::element('text', [
            'class' => 'set',
            'font-family' => "{$family}, sans-serif",
            'font-weight' => $weight,
            'font-style' => $style->italic ? 'italic' : null,
            'font-size' => $style->size,
            'letter-spacing' => $style->letterSpacing === 0.0 ? null : $style->letterSpacing * $style->size,
            'xml:space' => 'preserve',
            'text-rendering' => 'geometricPrecision',
        ] + Paints::attributes('fill', $words->colour), $lines);
    }

    private function outlined(Words $words): string
    {
        $style = $words->style;
        $outlines = $this->faces->outlines($style->family, $style->weight, $style->italic);
        $path = '';
        foreach ($words->laid->lines as $line) {
            $path .= $outlines->path($line->text, $line->x, $line->baseline, $style->size, $style->letterSpacing);
        }

        return $path === '' ? '' : Svg::element('path', ['d' => $path] + Paints::attributes('fill', $words->colour));
    }
}
