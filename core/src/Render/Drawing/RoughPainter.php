<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Fill;
use Kindred\Document\Style\SideWidths;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeMarks;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Paints;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\Face;
use Kindred\Type\FaceBook;
use Kindred\Type\LaidRun;
use Kindred\Type\TextStyle;

/** Paints as by hand: outlines with a rough pen, words in hand lettering of just their width. Colours come to it grey. */
final readonly class RoughPainter implements Painter
{
    /** Of edges that the design leaves unpainted. */
    private const EDGE = '#6a6a6a';

    private const DARK_EDGE = '#2e2e2e';

    /** A box less high or wide is drawn as the line that it is meant as, px. */
    private const RULE = 3.0;

    public function __construct(private FaceBook $faces, private TextMode $text, private RoughPen $pen, private Brushes $brushes)
    {
    }

    /** The pen goes over what lies in front first. */
    public function paint(array $drawn): string
    {
        return implode('', array_reverse(array_map(fn (Drawn $one): string => $one->paintedBy($this), array_reverse($drawn))));
    }

    public function figure(Figure $figure): string
    {
        $front = self::front($figure);
        $fill = $front?->colour();
        $line = $this->rule($figure);
        if ($line !== null) {
            return $line;
        }
        $stroke = $figure->strokes[0] ?? null;
        if ($figure->line !== null) {
            return $stroke === null ? '' : self::edge(...$this->pen->strokes($figure->shape->outline(), $figure->line), ...['brush' => $this->lead($stroke), 'width' => $stroke->width]).$this->marks($figure, $stroke);
        }
        if ($fill === null && $stroke === null) {
            return '';
        }
        if ($fill === null && $stroke->sides !== null && $figure->shape instanceof BoxShape) {
            return $this->sides($figure->shape, $stroke, $stroke->sides);
        }

        return $this->closed(...$this->pen->strokes($figure->shape->outline(), $figure->shape->breadth()), ...['fill' => $fill, 'brush' => $front === null ? null : $this->brushes->brush($front->paint, $front->opacity, 'fill'), 'stroke' => $stroke]).($stroke === null ? '' : $this->marks($figure, $stroke));
    }

    public function words(Words $words): string
    {
        $out = '';
        foreach ($words->painted() as [$fills, $runs]) {
            $out .= $fills === [] ? '' : $this->lettered($runs, $words->style, $fills[0]);
        }

        return $out;
    }

    /**
     * Words in hand lettering, with the lines under and through them.
     *
     * @param  non-empty-list<array{LaidRun, float}>  $runs  with their baselines
     * @param  TextStyle  $style  of most of them
     */
    private function lettered(array $runs, TextStyle $style, Fill $fill): string
    {
        $lines = $rules = '';
        $set = $this->lettering($style);
        foreach ($runs as [$whole, $baseline]) {
            $run = $this->faces->withoutEnds($whole);
            $own = $run->setting->style === $style ? $set : $this->lettering($run->setting->style);
            $beyond = $this->faces->isBeyond($run->text, new TextStyle($own[0]->family(), $own[0]->weight())) ? ['font-family' => "{$own[0]->family()}, ".FaceBook::BEYOND.', cursive'] : [];
            $lines .= $this->text === TextMode::Live
                ? Svg::element('tspan', ['x' => $run->x, 'y' => $baseline, 'textLength' => round($run->width, 1), 'lengthAdjust' => 'spacingAndGlyphs'] + ($own === $set ? [] : ['font-weight' => $own[0]->weight(), 'font-size' => round($own[1], 2)]) + $beyond + Svg::direction($run->rightToLeft) + ['data-link' => $run->setting->link], Svg::text($run->text))
                : $this->stretched($run, $baseline, ...$own);
            foreach ($this->faces->rules($whole, $baseline) as $rule) {
                $rules .= self::edge(...$this->pen->strokes(PathData::parse(sprintf('M%s %sH%s', $rule->x, $rule->centre()->y, $rule->right())), $rule->height), ...['brush' => $this->lead($fill), 'width' => $rule->height]);
            }
        }
        if ($lines === '') {
            return '';
        }
        $brush = $this->brushes->brush($fill->paint, $fill->opacity, 'fill');
        [$hand, $size] = $set;
        $text = $this->text === TextMode::Live ? Svg::element('text', [
            'class' => 'set',
            'font-family' => "{$hand->family()}, cursive",
            'font-weight' => $hand->weight(),
            'font-size' => round($size, 2),
            'xml:space' => 'preserve',
            'text-rendering' => 'geometricPrecision',
        ] + $brush->attributes, $lines) : Svg::element('g', $brush->attributes, $lines);

        return $brush->server.$text.$rules;
    }

    /** @return array{Face, float} the hand that stands for a style, and its size, px */
    private function lettering(TextStyle $style): array
    {
        $hand = $this->faces->face(...$this->faces->hand($style->weight));

        return [$hand, $style->size * min(1.6, $this->faces->face($style->family, $style->weight, $style->italic)->xHeight() / $hand->xHeight())];
    }

    public function glyph(Glyph $glyph): string
    {
        $first = $second = $areas = '';
        if ($glyph->fills === []) {
            return '';
        }
        $lead = $this->lead($glyph->fills[0]);
        [$lines, $filled] = array_map(fn (array $nodes): array => array_filter(array_map(fn (array $node): ?PathData => Outline::of(...$node)?->mapped($glyph->scale, 0, 0, $glyph->scale, $glyph->x, $glyph->y), $nodes), fn (?PathData $path): bool => $path !== null), $glyph->parts());
        foreach ($filled as $path) {
            // What is filled is small: it is inked in, its edge as it is.
            $brush = $this->brushes->brush($glyph->fills[0]->paint, $glyph->fills[0]->opacity, 'fill');
            $areas .= $brush->server.Svg::element('path', ['d' => $path->text()] + $brush->attributes);
        }
        foreach ($lines as $path) {
            [$one, $two] = $this->pen->strokes($path, 12 * $glyph->scale);
            [$first, $second] = [$first.$one, $second.$two];
        }

        return $areas.($first === '' ? '' : self::edge($first, $second, $lead, $glyph->line * $glyph->scale));
    }

    /** What a hand cannot draw: kinds draw a placeholder in its stead. */
    public function image(Image $image): string
    {
        return '';
    }

    /** The foremost fill that is seen: what is clear has no edge either. */
    private static function front(Figure $figure): ?Fill
    {
        foreach ($figure->fills as $fill) {
            if ($fill->colour()->alpha > 0) {
                return $fill;
            }
        }

        return null;
    }

    /** A box that is a rule, as a line; null for what is none. */
    private function rule(Figure $figure): ?string
    {
        $paint = self::front($figure) ?? $figure->strokes[0] ?? null;
        if (! $figure->shape instanceof BoxShape || $paint === null || $figure->shape->breadth() >= self::RULE) {
            return null;
        }
        $box = $figure->shape->box;
        [$midX, $midY] = [$box->width / 2, $box->height / 2];
        $line = $box->width > $box->height ? "M0 {$midY}H{$box->width}" : "M{$midX} 0V{$box->height}";

        return self::edge(...$this->pen->strokes(PathData::parse($line), $figure->shape->breadth()), ...['brush' => $this->lead($paint), 'width' => 1.0]);
    }

    /** The sides of a box that a stroke is on, each as a line. */
    private function sides(BoxShape $shape, Stroke $stroke, SideWidths $sides): string
    {
        $brush = $this->lead($stroke);
        $out = $brush->server;
        foreach ($shape->edges($sides->widths(), StrokePosition::Inside) as [$line, $width]) {
            $out .= self::edge(...$this->pen->strokes($line->outline(), $shape->breadth()), ...['brush' => new Brush($brush->attributes), 'width' => $width]);
        }

        return $out;
    }

    /** What a stroke begins and ends with: edged by the pen, and filled. */
    private function marks(Figure $figure, Stroke $stroke): string
    {
        $marks = StrokeMarks::of(Curves::of($figure->shape->outline()), $stroke);
        if ($marks === null) {
            return '';
        }
        $brush = $this->brushes->brush($stroke->paint, $stroke->opacity, 'fill');

        return $brush->server.Svg::element('path', ['d' => $marks->text()] + $brush->attributes).self::edge(...$this->pen->strokes($marks, 12.0), ...['brush' => $this->lead($stroke), 'width' => 1.0]);
    }

    /** What lines are drawn with. */
    private function lead(Fill|Stroke $of): Brush
    {
        return $this->brushes->brush($of->paint, $of->opacity, 'stroke');
    }

    private function stretched(LaidRun $run, float $baseline, Face $hand, float $size): string
    {
        $style = new TextStyle($hand->family(), $hand->weight(), $size);
        $natural = $this->faces->width($run->text, $style, $run->script, $run->rightToLeft);
        $path = $this->faces->path($run->text, $style, 0, 0, $run->rightToLeft, $run->script);

        return $path === '' || $natural <= 0 ? '' : Svg::element('path', [
            'transform' => sprintf('translate(%s %s) scale(%s 1)', round($run->x, 3), round($baseline, 3), round($run->width / $natural, 5)), 'd' => $path,
        ]);
    }

    /** A closed figure: filled along its first stroke, its edge drawn with both. */
    private function closed(string $first, string $second, ?Colour $fill, ?Brush $brush, ?Stroke $stroke): string
    {
        $pencil = Colour::parse($fill !== null && $fill->luminance() < 0.2 ? self::DARK_EDGE : self::EDGE);
        // Even a pale edge is drawn as dark as any other: a pencil has one lead.
        $pale = $stroke !== null && $stroke->width <= 3 && ($fill === null || $fill->luminance() > 0.5) && $stroke->colour()->luminance() > $pencil->luminance();
        $lead = $stroke === null || $pale ? new Brush(Paints::attributes('stroke', $pencil)) : $this->lead($stroke);
        $edge = $lead->attributes + ['stroke-width' => $stroke === null ? null : max(0.8, $stroke->width * 0.7)];

        return $brush?->server.$lead->server.Svg::element('path', ['d' => $first] + ($brush === null ? Paints::attributes('fill', null) : $brush->attributes) + $edge)
            .($second === '' ? '' : Svg::element('path', ['d' => $second, 'fill' => 'none'] + $edge));
    }

    private static function edge(string $first, string $second, Brush $brush, float $width): string
    {
        return $brush->server.Svg::element('path', ['d' => $first.$second, 'fill' => 'none'] + $brush->attributes + ['stroke-width' => max(0.8, $width * 0.7), 'stroke-linecap' => 'round']);
    }
}
