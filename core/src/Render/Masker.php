<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Blur;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Mask;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Geometry\Box;
use Kindred\Geometry\Capsules;
use Kindred\Geometry\Number;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Paint\Colour;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Brushes;
use Kindred\Render\Drawing\Drawn;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\FlatPainter;
use Kindred\Render\Drawing\Glyph;
use Kindred\Render\Drawing\Image;
use Kindred\Render\Drawing\Words;
use Kindred\Render\Finish\Greys;
use Kindred\Render\Kind\KindDrawings;
use Kindred\Type\FaceBook;

/**
 * What layers show through (CSS Masking 1). A clip is an outline: what lies outside of it takes no pointer either. A mask has degrees: what it
 * covers shows as far as the mask is opaque.
 */
final readonly class Masker
{
    public function __construct(private KindDrawings $kinds, private FaceBook $faces)
    {
    }

    /** By the masks that a layer has itself; null where it has none. */
    public function own(Layer $layer, Rendering $rendering): ?Cut
    {
        if ($layer->masks === []) {
            return null;
        }
        $brushes = Brushes::of($rendering->finish === Finish::Dressed ? $layer : Greys::of($layer), $rendering, '-mask');
        $area = new Box(0, 0, $layer->box->width, $layer->box->height);
        $cut = null;
        foreach (Mask::seen($layer->masks) as $mask) {
            $brush = $brushes->brush($mask->paint, 1, 'fill');
            $cut = self::through($cut ?? new Cut, $brushes->id(), $area, $brush->server.Svg::element('rect', ['width' => $area->width, 'height' => $area->height] + $brush->attributes));
        }

        return $cut;
    }

    /**
     * By layers that mask what lies with them, all of which it shows through; null where there are none.
     *
     * @param  list<Layer>  $masks
     * @param  \Closure(Layer): string  $paint  paints one where it lies
     * @param  \Closure(Layer): ?string  $transform  from its own coordinates to where it lies
     */
    public function by(array $masks, Rendering $rendering, \Closure $paint, \Closure $transform): ?Cut
    {
        $cut = null;
        foreach ($masks as $layer) {
            $id = "{$rendering->prefix}{$layer->id}-masks";
            $drawn = $this->drawn($layer, $rendering);
            $plain = self::isPlain($layer, $drawn);
            // Beyond the edge of a clip nothing is seen: where a mask says how it ends, the clip keeps off its edge.
            $reach = $plain ? 0.0 : 1 + max([0.0, ...array_map(fn (Drawn $one): float => $one->reach(), $drawn), ...array_map(fn (Blur $blur): float => $blur->reach(), Effect::seen($layer->effects, Blur::class))]);
            $clip = Svg::element('clipPath', ['id' => "{$id}-clip", 'transform' => $transform($layer), 'clip-path' => $cut?->clip === null ? null : "url(#{$cut->clip})"] + self::told($layer, $rendering), $this->outline($layer, $drawn, $rendering, $reach));
            $cut = new Cut("{$id}-clip", $cut?->mask, ($cut->defined ?? '').$clip);
            if (! $plain) {
                $box = $layer->bounds();
                $cut = self::through($cut, "{$id}-mask", $box->widened($reach), $paint($layer), self::told($layer, $rendering));
            }
        }

        return $cut;
    }

    /** A clip to what a layer itself draws, in its own coordinates. */
    public function clip(string $id, Layer $layer, Rendering $rendering): string
    {
        return Svg::element('clipPath', ['id' => $id], $this->outline($layer, $this->drawn($layer, $rendering), $rendering, 0));
    }

    /** @return array<string, string|null> what the wall needs to let a mask follow its layer while that is moved */
    private static function told(Layer $layer, Rendering $rendering): array
    {
        return $rendering->editable ? ['data-masks' => $rendering->address($layer->id), 'data-size' => Number::text($layer->box->width).' '.Number::text($layer->box->height)] : [];
    }

    /**
     * One mask more, through those before.
     *
     * @param  array<string, string|null>  $told
     */
    private static function through(Cut $before, string $id, Box $area, string $through, array $told = []): Cut
    {
        return new Cut($before->clip, $id, $before->defined.Svg::element('mask', [
            'id' => $id, 'mask-type' => 'alpha', 'maskUnits' => 'userSpaceOnUse', 'x' => $area->x, 'y' => $area->y, 'width' => $area->width, 'height' => $area->height,
        ] + $told, $before->mask === null ? $through : Svg::element('g', ['mask' => "url(#{$before->mask})"], $through)));
    }

    /** @return list<Drawn> what a layer draws when it is dressed: masks hold in every finish */
    private function drawn(Layer $layer, Rendering $rendering): array
    {
        return $this->kinds->of($layer, $rendering->still()->in(Finish::Dressed));
    }

    /**
     * Whether its outline says all: what is inside is opaque, and nothing is painted beside it. What paints nothing masks with its area.
     *
     * @param  list<Drawn>  $drawn
     */
    private static function isPlain(Layer $layer, array $drawn): bool
    {
        $one = $drawn[0] ?? null;
        $fills = $one instanceof Figure || $one instanceof Words || $one instanceof Glyph ? $one->fills : [];
        $opaque = array_filter($fills, fn (Fill $fill): bool => $fill->opacity >= 1 && $fill->paint instanceof Solid && $fill->paint->colour->alpha >= 1) !== [];
        $nothing = $one instanceof Figure && $fills === [] && $one->strokes === [];

        return count($drawn) === 1 && ($opaque || $nothing) && $layer->opacity >= 1 && Mask::seen($layer->masks) === []
            && Effect::seen($layer->effects, Blur::class) === [] && ! ($one instanceof Figure && [...$one->strokes, ...$one->shadows] !== []);
    }

    /**
     * All that a layer draws, and what lies less than so many px beside it, as children of a clip.
     *
     * @param  list<Drawn>  $drawn
     */
    private function outline(Layer $layer, array $drawn, Rendering $rendering, float $reach): string
    {
        $out = '';
        foreach ($drawn as $one) {
            $shape = $one instanceof Figure ? $one->shape : ($one instanceof Image ? $one->clip ?? new BoxShape($one->place) : null);
            $grown = $reach > 0 ? $shape?->grown($reach) : $shape;
            $out .= match (true) {
                $grown !== null => $grown->element([]),
                $shape !== null => $shape->element([]).self::along($shape->outline(), $reach),
                $one instanceof Words => $this->words($one, $layer, $rendering),
                $one instanceof Glyph => self::glyph($one, $reach),
                default => '',
            };
        }

        return $out !== '' && ! ($reach > 1 && $drawn[0] instanceof Words) ? $out : Svg::element('rect', ['x' => -$reach, 'y' => -$reach, 'width' => $layer->box->width + 2 * $reach, 'height' => $layer->box->height + 2 * $reach]);
    }

    private static function along(PathData $path, float $reach): string
    {
        return Svg::element('path', ['d' => Capsules::along($path, $reach)]);
    }

    private function words(Words $words, Layer $layer, Rendering $rendering): string
    {
        return (new FlatPainter($this->faces, $rendering->text, Brushes::of($layer, $rendering)))->words(new Words($words->laid, $words->style, [Fill::solid(Colour::rgb(0, 0, 0))], coloured: false));
    }

    private static function glyph(Glyph $glyph, float $reach): string
    {
        $out = '';
        foreach ($glyph->nodes as [$name, $attributes]) {
            $path = Outline::of($name, $attributes)?->mapped($glyph->scale, 0, 0, $glyph->scale, $glyph->x, $glyph->y);
            $line = Icon::isLined($attributes) ? $glyph->line * $glyph->scale / 2 : 0.0;
            $out .= $path === null ? '' : (Icon::isFilled($attributes) ? Svg::element('path', ['d' => $path->text()]) : '').($line + $reach > 0 ? self::along($path, $line + $reach) : '');
        }

        return $out;
    }
}
