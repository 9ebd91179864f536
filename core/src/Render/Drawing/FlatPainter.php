<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Isolation;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokeCap;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Document\Style\StrokeMark;
use Kindred\Document\Style\StrokeMarks;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Number;
use Kindred\Geometry\Outline;
use Kindred\Render\Paints;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\FaceBook;
use Kindred\Type\LaidRun;
use Kindred\Type\TextStyle;

/** Paints exactly: every fill from back to front, then the stroke; words live or as outlines. */
final readonly class FlatPainter implements Painter
{
    public function __construct(private FaceBook $faces, private TextMode $text, private Brushes $brushes)
    {
    }

    public function paint(array $drawn): string
    {
        return implode('', array_map(fn (Drawn $one): string => $one->paintedBy($this), $drawn));
    }

    public function figure(Figure $figure): string
    {
        $shadows = $figure->shadows === [] ? null : new Shadows($this->brushes, $figure->shape);
        $out = ($shadows?->outer($figure->shadows) ?? '').$this->filled($figure->shape, $figure->fills).($shadows?->inner($figure->shadows) ?? '');

        foreach (array_reverse($figure->strokes) as $stroke) {
            $out .= $this->stroke($figure, $stroke).$this->marks($figure, $stroke);
        }

        return $out;
    }

    /**
     * Several fills are cut to their shape together: each by itself would show along its smoothed edge.
     *
     * @param  list<Fill>  $fills  the front one first
     */
    private function filled(Shape $shape, array $fills): string
    {
        $around = count($fills) > 1 ? $shape->outline()->bounds() : null;
        if ($around === null) {
            return $this->coated($fills, 'fill', fn (array $paint): string => $shape->element($paint));
        }
        $id = $this->brushes->id();
        $ground = new BoxShape(new Box($around->x - 1, $around->y - 1, $around->width + 2, $around->height + 2));

        return Svg::element('clipPath', ['id' => $id], $shape->element([]))
            .Svg::element('g', ['clip-path' => "url(#{$id})"], $this->coated($fills, 'fill', fn (array $paint): string => $ground->element($paint)));
    }

    /**
     * Something painted with each of its fills, back to front.
     *
     * @param  list<Fill>  $fills  the front one first
     * @param  \Closure(array<string, string|float|null>): string  $draw
     * @param  string|null  $transform  from the layer's coordinates to those in which it is drawn
     */
    private function coated(array $fills, string $property, \Closure $draw, ?string $transform = null): string
    {
        $out = '';
        foreach (array_reverse($fills) as $fill) {
            $brush = $this->brushes->brush($fill->paint, $fill->opacity, $property, $transform);
            $out .= $brush->server.$draw($brush->attributes + ['class' => $fill->blend->className()]);
        }
        $blends = count($fills) > 1 && array_filter($fills, fn (Fill $fill): bool => $fill->blend !== BlendMode::Normal) !== [];

        return $blends ? Svg::element('g', ['class' => Isolation::Isolate->className()], $out) : $out;
    }

    /**
     * A stroke inside or outside of a shape is that of a smaller or larger one, where there is one; otherwise one of twice the width of which
     * only that part shows.
     */
    private function stroke(Figure $figure, Stroke $stroke): string
    {
        $position = $figure->resolvedPosition($stroke);
        $frame = $stroke->sides === null || $stroke->dash !== [] ? null : $figure->shape->frame($stroke->sides->widths(), $position);
        if ($frame !== null) {
            $brush = $this->brushes->brush($stroke->paint, $stroke->opacity, 'fill');

            return $brush->server.Svg::element('path', ['d' => $frame->text(), 'fill-rule' => 'evenodd'] + $brush->attributes);
        }
        $running = $stroke->running();
        if ($running !== null) {
            $grown = $position === StrokePosition::Centre ? $figure->shape : $figure->shape->grown($position->offset() * $stroke->width);
            $ribbon = (new Ribbon($running))->painted(Curves::of(($grown ?? $figure->shape)->outline()), $grown === null ? $stroke->width * 2 : $stroke->width, self::lined($figure, $stroke), $stroke->opacity);

            return $grown === null ? $this->half($figure->shape, $position, $ribbon) : $ribbon;
        }
        $brush = $this->brushes->brush($stroke->paint, $stroke->opacity, 'stroke');
        $paint = fn (float $width): array => ['fill' => 'none'] + $brush->attributes + ['stroke-width' => $width] + self::lined($figure, $stroke);
        if ($stroke->sides !== null && $figure->shape instanceof BoxShape) {
            return $brush->server.$this->sides($figure->shape, $stroke, $position, $paint);
        }
        $shape = $position === StrokePosition::Centre ? $figure->shape : $figure->shape->grown($position->offset() * $stroke->width);

        return $brush->server.($shape !== null ? $shape->element($paint($stroke->width)) : $this->half($figure->shape, $position, $figure->shape->element($paint($stroke->width * 2))));
    }

    /** What the stroke begins and ends with, painted as it is there. */
    private function marks(Figure $figure, Stroke $stroke): string
    {
        $running = $stroke->running();
        if ($running === null) {
            return $this->mark($figure, $stroke, $stroke->paint);
        }
        $ribbon = new Ribbon($running);

        return $this->mark($figure, $stroke->with(end: StrokeMark::None), new Solid($ribbon->colour(0))).$this->mark($figure, $stroke->with(start: StrokeMark::None), new Solid($ribbon->colour(1)));
    }

    private function mark(Figure $figure, Stroke $stroke, Paint $paint): string
    {
        $marks = StrokeMarks::of(Curves::of($figure->shape->outline()), $stroke);
        $brush = $marks === null ? null : $this->brushes->brush($paint, $stroke->opacity, 'fill');

        return $marks === null || $brush === null ? '' : $brush->server.Svg::element('path', ['d' => $marks->text()] + $brush->attributes);
    }

    /**
     * Each side as a line of its own, for what is dashed.
     *
     * @param  \Closure(float): array<string, string|float|null>  $paint
     */
    private function sides(BoxShape $shape, Stroke $stroke, StrokePosition $position, \Closure $paint): string
    {
        $out = '';
        foreach ($shape->edges($stroke->sides?->widths() ?? [0.0, 0.0, 0.0, 0.0], $position) as [$line, $width]) {
            $out .= $line->element($paint($width));
        }

        return $out;
    }

    /** Only what of something lies inside a shape, or only what lies outside. */
    private function half(Shape $shape, StrokePosition $position, string $drawn): string
    {
        $id = $this->brushes->id();
        if ($position === StrokePosition::Inside) {
            return Svg::element('clipPath', ['id' => $id], $shape->element([])).Svg::element('g', ['clip-path' => "url(#{$id})"], $drawn);
        }
        $all = $shape->outline()->bounds() ?? new Box(0, 0, 0, 0);
        $far = 500.0;
        $ground = new BoxShape($all->widened($far));

        return Svg::element('mask', ['id' => $id, 'maskUnits' => 'userSpaceOnUse', 'x' => $ground->box->x, 'y' => $ground->box->y, 'width' => $ground->box->width, 'height' => $ground->box->height],
            $ground->element(['fill' => '#ffffff']).$shape->element(['fill' => '#000000'])).Svg::element('g', ['mask' => "url(#{$id})"], $drawn);
    }

    /** @return array<string, string|null> dashes, ends and corners, where they are not as SVG has them anyway */
    private static function lined(Figure $figure, Stroke $stroke): array
    {
        [$join, $cap] = [$stroke->turns($figure->onPath), $stroke->ends($figure->onPath)];

        return [
            'stroke-linejoin' => $join === StrokeJoin::Miter ? null : $join->value,
            'stroke-linecap' => $cap === StrokeCap::Butt ? null : $cap->value,
            'stroke-dasharray' => $stroke->dash === [] ? null : implode(' ', array_map(Number::text(...), $stroke->dash)),
        ];
    }

    public function words(Words $words): string
    {
        $out = '';
        foreach ($words->painted() as [$fills, $runs]) {
            $out .= $this->coated($fills, 'fill', fn (array $paint): string => $this->text === TextMode::Live
                ? $this->live($runs, $words->style, $paint)
                : $this->outlined($runs, $paint));
        }

        return $out;
    }

    public function glyph(Glyph $glyph): string
    {
        [$lines, $areas] = array_map(fn (array $nodes): string => implode('', array_map(fn (array $node): string => Svg::element($node[0], $node[1]), $nodes)), $glyph->parts());
        $back = sprintf('scale(%s) translate(%s %s)', round(1 / max($glyph->scale, 1e-6), 5), round(-$glyph->x, 3), round(-$glyph->y, 3));

        $on = ['transform' => sprintf('translate(%s %s) scale(%s)', round($glyph->x, 3), round($glyph->y, 3), round($glyph->scale, 5))];
        $filled = $areas === '' ? '' : $this->coated($glyph->fills, 'fill', fn (array $paint): string => Svg::element('g', $on + $paint, $areas), $back);

        return $lines === '' ? $filled : $filled.$this->coated($glyph->fills, 'stroke', fn (array $paint): string => Svg::element('g', $on + [
            'fill' => 'none',
            'stroke-width' => $glyph->line,
            'stroke-linecap' => 'round',
            'stroke-linejoin' => 'round',
        ] + $paint, $lines), $back);
    }

    public function image(Image $image): string
    {
        $clip = $image->clip === null ? '' : Svg::element('clipPath', ['id' => $image->clipId], $image->clip->element([]));
        $place = $image->place;

        $cut = ['clip-path' => $image->clip === null ? null : "url(#{$image->clipId})"];
        $attributes = [
            'href' => $image->href,
            'x' => $place->x === 0.0 ? null : $place->x,
            'y' => $place->y === 0.0 ? null : $place->y,
            'width' => $place->width,
            'height' => $place->height,
            'preserveAspectRatio' => $image->fit,
        ];

        return $image->adjustment->isNone()
            ? $clip.Svg::element('image', $attributes + $cut)
            : $clip.Svg::element('g', $cut, Adjusted::image($attributes, $image->adjustment, $place, "{$image->clipId}-adjusted", $image->alone));
    }

    /**
     * @param  array<string, string|int|float|null>  $set
     * @param  array<string, string|float|null>  $paint
     * @return array<string, string|int|float|null> both together
     */
    private static function classed(array $set, array $paint): array
    {
        $classes = array_filter([$set['class'] ?? null, $paint['class'] ?? null], is_string(...));

        return ['class' => $classes === [] ? null : implode(' ', $classes)] + $set + $paint;
    }

    /**
     * Words as their outlines.
     *
     * @param  non-empty-list<array{LaidRun, float}>  $runs  with their baselines
     * @param  array<string, string|float|null>  $paint
     */
    private function outlined(array $runs, array $paint): string
    {
        $d = implode('', array_map(fn (array $one): string => $this->faces->outlined(...$one), $runs));

        return $d === '' ? '' : Svg::element('path', self::classed(['d' => $d], $paint));
    }

    /**
     * Words as SVG text, with the lines under and through them.
     *
     * @param  non-empty-list<array{LaidRun, float}>  $runs  with their baselines
     * @param  TextStyle  $style  of most of them
     * @param  array<string, string|float|null>  $paint
     */
    private function live(array $runs, TextStyle $style, array $paint): string
    {
        $set = $this->setting($style);
        $lines = $rules = '';
        foreach ($runs as [$whole, $baseline]) {
            $run = $this->faces->withoutEnds($whole);
            $beyond = $this->faces->isBeyond($run->text, $run->setting->style);
            $own = $run->setting->style === $style && ! $beyond ? [] : self::otherwise($this->setting($run->setting->style, $beyond), $set);
            $lines .= Svg::element('tspan', ['x' => $run->x, 'y' => $baseline] + $own + Svg::direction($run->rightToLeft) + ['data-link' => $run->setting->link], Svg::text($run->text));
            $rules .= implode('', array_map(fn (Box $rule): string => Outline::box($rule)->text(), $this->faces->rules($whole, $baseline)));
        }
        $words = Svg::element('text', self::classed(['class' => 'set'] + $set + ['xml:space' => 'preserve', 'text-rendering' => 'geometricPrecision'], $paint), $lines);

        return $rules === '' ? $words : $words.Svg::element('path', ['d' => $rules] + $paint);
    }

    /**
     * @param  array<string, string|int|float|null>  $set
     * @param  array<string, string|int|float|null>  $beside
     * @return array<string, string|int|float|null> what of a setting is not as in another, by its own word
     */
    private static function otherwise(array $set, array $beside): array
    {
        $usual = ['font-style' => 'normal', 'font-variant' => 'normal', 'letter-spacing' => 0];
        $own = array_filter($set, fn (mixed $value, string $name): bool => $value !== $beside[$name], ARRAY_FILTER_USE_BOTH);

        return array_map(fn (string $name): mixed => $own[$name] ?? $usual[$name], array_combine(array_keys($own), array_keys($own)));
    }

    /** A family as CSS takes it: what is no sequence of identifiers stands in quotes, as a name with a number does (CSS Fonts 4, section 2.1). */
    private static function named(string $family): string
    {
        return preg_match('/^[\p{L}_][\p{L}\p{M}\p{N}_-]*( [\p{L}_][\p{L}\p{M}\p{N}_-]*)*$/u', $family) === 1 ? $family : "'{$family}'";
    }

    /**
     * How words are set.
     *
     * @param  bool  $beyond  whether they need faces beside their own
     * @return array<string, string|int|float|null>
     */
    private function setting(TextStyle $style, bool $beyond = false): array
    {
        [$family, $weight] = $this->faces->nearest($style->family, $style->weight);

        return [
            'font-family' => self::named($family).($beyond ? ', '.FaceBook::BEYOND : '').', sans-serif',
            'font-weight' => $weight,
            'font-style' => $style->italic ? 'italic' : null,
            'font-size' => $style->size,
            'font-variant' => ($variant = $style->variant->of($this->faces->face($family, $weight, $style->italic)))->words === [] ? null : $variant->text(),
            'letter-spacing' => $style->letterSpacing === 0.0 ? null : $style->letterSpacing * $style->size,
        ];
    }
}
