<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Adjust;
use Kindred\Document\Style\Effect\Backdrop;
use Kindred\Document\Style\Effect\Blur;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Render\Finish\Greys;

/** What is done to all that a layer paints, and to what lies in it: adjustment, then blur, then the shadows of what is no closed shape; and to what lies behind it. */
final class Filters
{
    /** Null where nothing is done. */
    public static function of(Layer $layer, Rendering $rendering): ?FilterChain
    {
        // A hand draws neither shadows nor blur.
        if ($layer->effects === [] || $rendering->finish === Finish::Rough) {
            return null;
        }
        $layer = $rendering->finish === Finish::Dressed ? $layer : Greys::of($layer);
        $chain = self::chain($layer, $rendering, 'effects', self::reach($layer));
        foreach (Effect::seen($layer->effects, Adjust::class) as $adjust) {
            $chain->adjust($adjust->adjustment);
        }
        foreach (Effect::seen($layer->effects, Blur::class) as $blur) {
            $chain->blur($blur->radius);
        }
        foreach ($layer->castsAll() ? array_reverse(Effect::seen($layer->effects, Shadow::class)) : [] as $shadow) {
            $chain->shadow($shadow);
        }

        return $chain->attribute() === null ? null : $chain;
    }

    /** What is done to what lies behind a layer; null where that is not seen through it otherwise than without it. */
    public static function behind(Layer $layer, Rendering $rendering): ?FilterChain
    {
        if ($layer->effects === [] || $rendering->finish === Finish::Rough) {
            return null;
        }
        $layer = $rendering->finish === Finish::Dressed ? $layer : Greys::of($layer);
        $backdrops = Effect::seen($layer->effects, Backdrop::class);
        $chain = self::chain($layer, $rendering, 'behind', FilterChain::spread(array_sum(array_map(fn (Backdrop $one): float => $one->adjustment->blur, $backdrops))));
        foreach ($backdrops as $backdrop) {
            $chain->adjust($backdrop->adjustment);
        }

        return $chain->attribute() === null ? null : $chain;
    }

    /** How far beyond its box a layer is seen, px: of what only paints there it is known, of words and of what holds others it is not. */
    private static function reach(Layer $layer): float
    {
        if (! $layer->content instanceof BoxLayer && ! ($layer->content instanceof Ellipse && $layer->content->isWhole()) && ! $layer->content instanceof Picture) {
            return FilterChain::FAR;
        }
        $effects = array_map(fn (Effect $one): float => $one->hidden ? 0.0 : $one->effect->reach(), $layer->effects);
        $strokes = array_map(fn (Stroke $one): float => max($one->sides?->widths() ?? [$one->width]), $layer->strokes);

        return 1 + array_sum($effects) + max([0.0, ...$strokes]);
    }

    private static function chain(Layer $layer, Rendering $rendering, string $use, float $far): FilterChain
    {
        return new FilterChain("{$rendering->prefix}{$layer->id}-{$use}", $rendering->alone, new Box(0, 0, $layer->box->width, $layer->box->height), $far);
    }
}
