<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Paints;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\Face;
use Kindred\Type\FaceBook;
use Kindred\Type\LaidLine;

/** Paints as by hand: outlines with a rough pen, words in hand lettering of just their width. Colours come to it grey. */
final readonly class RoughPainter implements Painter
{
    /** Of edges that the design leaves unpainted. */
    private const EDGE = '#6a6a6a';

    private const DARK_EDGE = '#2e2e2e';

    /** A box less high or wide is drawn as the line that it is meant as, px. */
    private const RULE = 3.0;

    public function __construct(private FaceBook $faces, private TextMode $text, private RoughPen $pen)
    {
    }

    /** The pen goes over what lies in front first. */
    public function paint(array $drawn): string
    {
        return implode('', array_reverse(array_map(fn (Drawn $one): string => $one->paintedBy($this), array_reverse($drawn))));
    }

    public function figure(Figure $figure): string
    {
        $fill = ($figure->fills[0] ?? null)?->colour;
        $line = $this->rule($figure, $fill);
        if ($line !== null) {
            return $line;
        }
        if ($figure->line !== null && $figure->stroke !== null) {
            return self::edge(...$this->pen->strokes($figure->shape->outline(), $figure->line), ...['colour' => $figure->stroke->colour, 'width' => $figure->stroke->width]);
        }
        if ($fill === null && $figure->stroke === null) {
            return '';
        }

        return self::closed(...$this->pen->strokes($figure->shape->outline(), $figure->shape->breadth()), ...['fill' => $fill, 'stroke' => $figure->stroke]);
    }

    public function words(Words $words): string
    {
        $style = $words->style;
        $own = $this->faces->face($style->family, $style->weight, $style->italic);
        $hand = $this->faces->face(...$this->faces->hand($style->weight));
        $size = $style->size * min(1.6, $own->xHeight() / $hand->xHeight());
        $lines = '';
        foreach ($words->laid->lines as $line) {
            if (trim($line->text) !== '') {
                $lines .= $this->text === TextMode::Live
                    ? Svg::element('tspan', ['x' => $line->x, 'y' => $line->baseline, 'textLength' => round($line->width, 1), 'lengthAdjust' => 'spacingAndGlyphs'], Svg::text($line->text))
                    : $this->stretched($line, $hand, $size);
            }
        }
        $set = $this->text === TextMode::Live ? [
            'class' => 'set',
            'font-family' => "{$hand->family()}, cursive",
            'font-weight' => $hand->weight(),
            'font-size' => round($size, 2),
            'xml:space' => 'preserve',
            'text-rendering' => 'geometricPrecision',
        ] : [];

        return $lines === '' ? '' : Svg::element($this->text === TextMode::Live ? 'text' : 'g', $set + Paints::attributes('fill', $words->colour), $lines);
    }

    public function glyph(Glyph $glyph): string
    {
        $first = $second = '';
        foreach ($glyph->nodes as [$name, $attributes]) {
            $path = Outline::of($name, $attributes)?->mapped($glyph->scale, 0, 0, $glyph->scale, $glyph->x, $glyph->y);
            [$one, $two] = $path === null ? ['', ''] : $this->pen->strokes($path, 12 * $glyph->scale);
            [$first, $second] = [$first.$one, $second.$two];
        }

        return self::edge($first, $second, $glyph->colour, $glyph->line * $glyph->scale);
    }

    /** What a hand cannot draw: kinds draw a placeholder in its stead. */
    public function image(Image $image): string
    {
        return '';
    }

    /** A box that is a rule, as a line; null for what is none. */
    private function rule(Figure $figure, ?Colour $fill): ?string
    {
        $colour = $fill ?? $figure->stroke?->colour;
        if (! $figure->shape instanceof BoxShape || $colour === null || $figure->shape->breadth() >= self::RULE) {
            return null;
        }
        $box = $figure->shape->box;
        [$midX, $midY] = [$box->width / 2, $box->height / 2];
        $line = $box->width > $box->height ? "M0 {$midY}H{$box->width}" : "M{$midX} 0V{$box->height}";

        return self::edge(...$this->pen->strokes(PathData::parse($line), $figure->shape->breadth()), ...['colour' => $colour, 'width' => 1.0]);
    }

    private function stretched(LaidLine $line, Face $hand, float $size): string
    {
        $natural = $hand->width($line->text) * $size;
        $path = $this->faces->outlines($hand->family(), $hand->weight())->path($line->text, 0, 0, $size);

        return $path === '' || $natural <= 0 ? '' : Svg::element('path', [
            'transform' => sprintf('translate(%s %s) scale(%s 1)', round($line->x, 3), round($line->baseline, 3), round($line->width / $natural, 5)), 'd' => $path,
        ]);
    }

    /** A closed figure: filled along its first stroke, its edge drawn with both. */
    private static function closed(string $first, string $second, ?Colour $fill, ?Stroke $stroke): string
    {
        $pencil = Colour::parse($fill !== null && $fill->luminance() < 0.2 ? self::DARK_EDGE : self::EDGE);
        // Even a pale edge is drawn as dark as any other: a pencil has one lead.
        $pale = $stroke !== null && $stroke->width <= 3 && ($fill === null || $fill->luminance() > 0.5) && $stroke->colour->luminance() > $pencil->luminance();
        $colour = $stroke === null || $pale ? $pencil : $stroke->colour;
        $edge = Paints::attributes('stroke', $colour) + ['stroke-width' => $stroke === null ? null : max(0.8, $stroke->width * 0.7)];

        return Svg::element('path', ['d' => $first] + Paints::attributes('fill', $fill) + $edge)
            .($second === '' ? '' : Svg::element('path', ['d' => $second, 'fill' => 'none'] + $edge));
    }

    private static function edge(string $first, string $second, Colour $colour, float $width): string
    {
        return Svg::element('path', ['d' => $first.$second, 'fill' => 'none'] + Paints::attributes('stroke', $colour) + ['stroke-width' => max(0.8, $width * 0.7), 'stroke-linecap' => 'round']);
    }
}
