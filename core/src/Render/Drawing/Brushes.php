<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Layer;
use Kindred\Document\Layer\PictureFit;
use Kindred\Document\Style\Paint\ConicGradient;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Noise;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Style\Paint\RadialGradient;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Paint\Colour;
use Kindred\Paint\NoiseTile;
use Kindred\Paint\Ramp;
use Kindred\Render\FilterChain;
use Kindred\Render\Paints;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;

/**
 * The brushes of one layer: its paints as SVG paint servers (SVG 2, section 14), all in the box of the layer, so that what is painted with
 * one, an area, a line or words, is like a window onto it. SVG mixes colours between stops in one way only, so gradients come with as many
 * stops as theirs takes; one round a point, which SVG does not have, is made of wedges.
 */
final class Brushes
{
    /** Wedges of a conic gradient differ by so much of 255 at most. */
    private const WEDGE = 1.0;

    /** Radii of less, px, are none. */
    private const TINY = 0.005;

    private int $made = 0;

    private function __construct(private readonly string $id, private readonly float $width, private readonly float $height, private readonly Rendering $rendering)
    {
    }

    /** @param  string  $use  what tells brushes of the same layer apart that are used for something else */
    public static function of(Layer $layer, Rendering $rendering, string $use = ''): self
    {
        return new self("{$rendering->prefix}{$layer->id}{$use}", $layer->box->width, $layer->box->height, $rendering);
    }

    /** @return string an id that nothing else in the picture has */
    public function id(): string
    {
        return "{$this->id}-".++$this->made;
    }

    /**
     * What blurs an element.
     *
     * @param  float  $radius  the standard deviation, px
     * @param  Box  $on  where the element is, or what of it may be seen, px
     */
    public function blur(string $id, float $radius, Box $on): FilterChain
    {
        return (new FilterChain($id, $this->rendering->alone, $on, FilterChain::spread($radius)))->blur($radius);
    }

    /**
     * @param  string  $property  `fill` or `stroke`
     * @param  string|null  $transform  from the layer's coordinates to those of the element
     */
    public function brush(Paint $paint, float $opacity, string $property, ?string $transform = null): Brush
    {
        if ($paint instanceof Solid) {
            return new Brush(Paints::attributes($property, $opacity >= 1 ? $paint->colour : $paint->colour->withAlpha($paint->colour->alpha * $opacity)));
        }
        $only = $paint instanceof Gradient ? $this->only($paint) : null;
        if ($only !== null) {
            return $this->brush(new Solid($only), $opacity, $property, $transform);
        }
        $id = $this->id();
        $server = match (true) {
            $paint instanceof LinearGradient => $this->linear($paint, $id, $transform),
            $paint instanceof RadialGradient => $this->radial($paint, $id, $transform),
            $paint instanceof ConicGradient => $this->pattern($id, $this->wedges($paint), $transform),
            $paint instanceof PicturePaint => $this->picture($paint, $id, $transform),
            $paint instanceof Noise => $this->noise($paint, $id, $transform),
            default => throw new \LogicException($paint::kind().' is not painted.'),
        };

        return new Brush([$property => "url(#{$id})", "{$property}-opacity" => $opacity >= 1 ? null : $opacity], $server);
    }

    /**
     * The one colour that is seen of a gradient: the last where it repeats without length (CSS Images 3, section 3.3); of one round a point
     * without a size what lies beyond its last stop (section 3.2.3) or, where it repeats, the mean of all. Null where there are more.
     */
    private function only(Gradient $paint): ?Colour
    {
        $ramp = $paint->ramp();
        $tiny = $paint instanceof RadialGradient && min($paint->radii($this->width, $this->height)) < self::TINY;

        return match (true) {
            $paint->repeats() && $ramp->end() <= $ramp->start() => Colour::ofSrgb(...$ramp->at(INF)),
            $tiny => $paint->repeats() ? $ramp->mean() : Colour::ofSrgb(...$ramp->at(INF)),
            default => null,
        };
    }

    private function linear(LinearGradient $paint, string $id, ?string $transform): string
    {
        $ramp = $paint->ramp();
        [$from, $to] = $paint->repeats ? [$ramp->start(), $ramp->end()] : [min(0.0, $ramp->start()), max(1.0, $ramp->end())];
        [$start, $end] = $paint->ends($this->width, $this->height);
        $at = fn (float $place, float $a, float $b): float => $a + ($b - $a) * $place;

        return Svg::element('linearGradient', [
            'id' => $id, 'gradientUnits' => 'userSpaceOnUse',
            'x1' => $at($from, $start->x, $end->x), 'y1' => $at($from, $start->y, $end->y),
            'x2' => $at($to, $start->x, $end->x), 'y2' => $at($to, $start->y, $end->y),
            'spreadMethod' => $paint->repeats ? 'repeat' : null,
            'gradientTransform' => $transform,
        ], self::stops($ramp->across($from, $to, false), $from, $to));
    }

    private function radial(RadialGradient $paint, string $id, ?string $transform): string
    {
        $ramp = $paint->ramp();
        // What repeats begins anew at the middle with what is there by then.
        $to = $paint->repeats ? $ramp->end() - $ramp->start() : max(1.0, $ramp->end());
        $centre = $paint->centre($this->width, $this->height);
        [$across, $down] = $paint->radii($this->width, $this->height);
        $n = Number::text(...);
        $squeeze = $across === $down ? '' : sprintf('translate(%s %s) scale(1 %s) translate(%s %s)', $n($centre->x), $n($centre->y), round($down / $across, 6), $n(-$centre->x), $n(-$centre->y));

        return Svg::element('radialGradient', [
            'id' => $id, 'gradientUnits' => 'userSpaceOnUse',
            'cx' => $centre->x, 'cy' => $centre->y, 'r' => $across * $to,
            'spreadMethod' => $paint->repeats ? 'repeat' : null,
            'gradientTransform' => $transform === null && $squeeze === '' ? null : trim("{$transform} {$squeeze}"),
        ], self::stops($ramp->across(0, $to, $paint->repeats), 0, $to));
    }

    /** @param  non-empty-list<array{float, Colour}>  $samples */
    private static function stops(array $samples, float $from, float $to): string
    {
        return implode('', array_map(fn (array $sample): string => Svg::element('stop', [
            'offset' => (string) round(($sample[0] - $from) / ($to - $from), 5),
            'stop-color' => $sample[1]->opaqueHex(),
            'stop-opacity' => $sample[1]->alpha >= 1 ? null : $sample[1]->alpha,
        ]), $samples));
    }

    /** Triangles about the centre that reach over the whole box, each of one colour. */
    private function wedges(ConicGradient $paint): string
    {
        $centre = $paint->centre($this->width, $this->height);
        $reach = 2 * (hypot($this->width, $this->height) + hypot($centre->x, $centre->y)) + 1;
        $samples = $paint->ramp()->across(0, 1, $paint->repeats);
        $out = '';
        foreach (array_slice($samples, 1) as $i => [$to, $after]) {
            [$from, $before] = $samples[$i];
            if ($to <= $from) {
                continue;
            }
            $step = max(1, (int) ceil(Ramp::apart($before, $after) / self::WEDGE), (int) ceil(($to - $from) * 8));
            for ($k = 0; $k < $step; $k++) {
                [$a, $b] = array_map(fn (float $share): float => deg2rad($paint->angle + ($from + ($to - $from) * $share) * 360), [$k / $step, ($k + 1) / $step]);
                $points = array_map(Number::text(...), [$centre->x, $centre->y, $centre->x + $reach * sin($a), $centre->y - $reach * cos($a), $centre->x + $reach * sin($b), $centre->y - $reach * cos($b)]);
                $out .= Svg::element('path', ['d' => vsprintf('M%s %sL%s %sL%s %sZ', $points)] + Paints::attributes('fill', Ramp::mix($before, $after, ($k + 0.5) / $step)));
            }
        }

        // Without smoothed edges neither gaps nor doubled colour show between them.
        return Svg::element('g', ['shape-rendering' => 'crispEdges'], $out);
    }

    private function picture(PicturePaint $paint, string $id, ?string $transform): string
    {
        $size = $this->rendering->size === null ? null : ($this->rendering->size)($paint->asset);
        $place = $size === null ? null : $paint->place($this->width, $this->height, $size);
        $tile = $paint->fit === PictureFit::Repeat && $place !== null && $place->width > 0 && $place->height > 0;
        $box = new Box($place === null || $tile ? 0 : $place->x, $place === null || $tile ? 0 : $place->y, $place === null ? $this->width : $place->width, $place === null ? $this->height : $place->height);
        $image = Adjusted::image([
            'href' => ($this->rendering->asset)($paint->asset),
            'x' => $box->x === 0.0 ? null : $box->x, 'y' => $box->y === 0.0 ? null : $box->y, 'width' => $box->width, 'height' => $box->height,
            'preserveAspectRatio' => $place === null ? $paint->fit->preserveAspectRatio() : 'none',
        ], $paint->adjustment, $box, "{$id}-adjusted", $this->rendering->alone);

        return $tile
            ? Svg::element('pattern', ['id' => $id, 'patternUnits' => 'userSpaceOnUse', 'x' => $place->x, 'y' => $place->y, 'width' => $place->width, 'height' => $place->height, 'patternTransform' => $transform], $image)
            : $this->pattern($id, $image, $transform);
    }

    private function noise(Noise $paint, string $id, ?string $transform): string
    {
        $side = NoiseTile::SIDE * $paint->scale;

        return Svg::element('pattern', ['id' => $id, 'patternUnits' => 'userSpaceOnUse', 'width' => $side, 'height' => $side, 'patternTransform' => $transform],
            Svg::element('image', ['href' => NoiseTile::address($paint->seed, $paint->coloured, $paint->strength), 'width' => $side, 'height' => $side, 'image-rendering' => 'pixelated']));
    }

    /** What fills the box of the layer once. */
    private function pattern(string $id, string $inner, ?string $transform): string
    {
        return Svg::element('pattern', ['id' => $id, 'patternUnits' => 'userSpaceOnUse', 'width' => max($this->width, 0.001), 'height' => max($this->height, 0.001), 'patternTransform' => $transform], $inner);
    }
}
