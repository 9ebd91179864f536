<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Adjust;
use Kindred\Document\Style\Effect\Backdrop;
use Kindred\Document\Style\Effect\Blur;
use Kindred\Document\Style\Effect\Shadow;
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
        $chain = self::chain($layer, $rendering, 'effects');
        foreach (Effect::seen($layer->effects, Adjust::class) as $adjust) {
            $chain->adjust($adjust->adjustment);
        }
        foreach (Effect::seen($layer->effects, Blur::class) as $blur) {
            $chain->blur($blur->radius);
        }
        $ofAll = in_array('spread', $layer->content->paint()['effects'] ?? [], true);
        foreach ($ofAll ? array_reverse(Effect::seen($layer->effects, Shadow::class)) : [] as $shadow) {
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
        $chain = self::chain($layer, $rendering, 'behind');
        foreach (Effect::seen($layer->effects, Backdrop::class) as $backdrop) {
            $chain->adjust($backdrop->adjustment);
        }

        return $chain->attribute() === null ? null : $chain;
    }

    private static function chain(Layer $layer, Rendering $rendering, string $use): FilterChain
    {
        return new FilterChain("{$rendering->prefix}{$layer->id}-{$use}", $rendering->alone, $layer->box->width, $layer->box->height);
    }
}
