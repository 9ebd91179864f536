<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Blur;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Paint\Colour;

/**
 * What is done to all that a layer paints, and to what lies in it: blur, and the shadows of what is no closed shape. Pages have it as filter
 * functions (Filter Effects 1, section 6); a picture that stands alone as a filter of primitives, for what draws it mixes the
 * colours of functions in another space than CSS does.
 */
final readonly class Filters
{
    /** Further than any effect reaches, px. */
    private const FAR = 4000;

    /**
     * @param  list<Blur>  $blurs
     * @param  list<array{Shadow, Colour}>  $shadows  with their colours in the finish
     */
    private function __construct(private array $blurs, private array $shadows, private string $id, private Box $box, private bool $alone)
    {
    }

    /** Null where nothing is done. */
    public static function of(Layer $layer, Rendering $rendering): ?self
    {
        // A hand draws neither shadows nor blur.
        if ($layer->effects === [] || $rendering->finish === Finish::Rough) {
            return null;
        }
        $ofAll = in_array('spread', $layer->content->paint()['effects'] ?? [], true);

        return new self(
            Effect::seen($layer->effects, Blur::class),
            array_map(fn (Shadow $shadow): array => [$shadow, $rendering->finish === Finish::Dressed ? $shadow->colour : $shadow->colour->grey()], $ofAll ? array_reverse(Effect::seen($layer->effects, Shadow::class)) : []),
            "{$rendering->prefix}{$layer->id}-effects",
            $layer->box,
            $rendering->alone,
        );
    }

    /** The `filter` of the layer's element. */
    public function attribute(): ?string
    {
        if ($this->blurs === [] && $this->shadows === []) {
            return null;
        }
        $n = Number::text(...);
        $blurs = array_map(fn (Blur $blur): string => "blur({$n($blur->radius)}px)", $this->blurs);
        $shadows = array_map(
            fn (array $one): string => "drop-shadow({$n($one[0]->offsetX)}px {$n($one[0]->offsetY)}px {$n($one[0]->blur / 2)}px {$one[1]->toHex()})",
            $this->shadows,
        );

        return $this->alone ? "url(#{$this->id})" : implode(' ', [...$blurs, ...$shadows]);
    }

    /** What the attribute needs in the picture. */
    public function element(): string
    {
        if (! $this->alone || $this->attribute() === null) {
            return '';
        }
        $steps = '';
        $last = 'SourceGraphic';
        foreach ($this->blurs as $i => $blur) {
            $steps .= Svg::element('feGaussianBlur', ['in' => $last, 'stdDeviation' => $blur->radius, 'result' => $last = "blur{$i}"]);
        }
        foreach ($this->shadows as $i => [$shadow, $colour]) {
            $steps .= Svg::element('feGaussianBlur', ['in' => $last, 'stdDeviation' => $shadow->blur / 2, 'result' => "soft{$i}"])
                .Svg::element('feOffset', ['in' => "soft{$i}", 'dx' => $shadow->offsetX, 'dy' => $shadow->offsetY, 'result' => "moved{$i}"])
                .Svg::element('feFlood', ['flood-color' => $colour->opaqueHex(), 'flood-opacity' => $colour->alpha, 'result' => "paint{$i}"])
                .Svg::element('feComposite', ['in' => "paint{$i}", 'in2' => "moved{$i}", 'operator' => 'in', 'result' => "cast{$i}"])
                .Svg::element('feMerge', ['result' => "with{$i}"], Svg::element('feMergeNode', ['in' => "cast{$i}"]), Svg::element('feMergeNode', ['in' => $last]));
            $last = "with{$i}";
        }

        return Svg::element('filter', [
            'id' => $this->id, 'filterUnits' => 'userSpaceOnUse', 'x' => -self::FAR, 'y' => -self::FAR, 'width' => $this->box->width + 2 * self::FAR, 'height' => $this->box->height + 2 * self::FAR,
            'color-interpolation-filters' => 'sRGB',
        ], $steps);
    }
}
