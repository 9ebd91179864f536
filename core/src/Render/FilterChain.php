<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Paint\Colour;

/**
 * Filters one after the other, as an attribute and what it needs in the picture. Pages have them as filter functions (Filter Effects 1,
 * section 6); a picture that stands alone as one filter of primitives, for what draws it mixes the colours of functions in another
 * space than CSS does.
 */
final class FilterChain
{
    /** Further than any effect reaches, px. */
    public const FAR = 4000.0;

    /** Standard deviations beyond which nothing is seen of what is blurred. */
    private const SEEN = 3;

    /** @var list<string> */
    private array $functions = [];

    private string $tints = '';

    private string $primitives = '';

    private string $last = 'SourceGraphic';

    private int $made = 0;

    /**
     * @param  string  $id  that nothing else in the picture has
     * @param  Box  $on  what is filtered, in its own coordinates, px
     * @param  float  $far  how far beyond that what is filtered, or comes of it, is seen, px; what draws pictures is slower with each px
     */
    public function __construct(private readonly string $id, private readonly bool $alone, private readonly Box $on, private readonly float $far = self::FAR)
    {
    }

    /** How far what is blurred is seen beyond where it was, px. */
    public static function spread(float $radius): float
    {
        return self::SEEN * $radius + 1;
    }

    public function blur(float $radius): self
    {
        if ($radius > 0) {
            $this->functions[] = 'blur('.Number::text($radius).'px)';
            $this->then('feGaussianBlur', ['stdDeviation' => $radius]);
        }

        return $this;
    }

    public function adjust(Adjustment $by): self
    {
        if ($by->brightness !== 1.0) {
            $this->function('brightness', $by->brightness);
            $this->then('feComponentTransfer', [], self::linear($by->brightness, 0));
        }
        if ($by->contrast !== 1.0) {
            $this->function('contrast', $by->contrast);
            $this->then('feComponentTransfer', [], self::linear($by->contrast, 0.5 - 0.5 * $by->contrast));
        }
        if ($by->saturate !== 1.0) {
            $this->function('saturate', $by->saturate);
            $this->then('feColorMatrix', ['type' => 'saturate', 'values' => Number::text($by->saturate)]);
        }
        if ($by->grayscale > 0) {
            $this->function('grayscale', $by->grayscale);
            $this->then('feColorMatrix', ['type' => 'matrix', 'values' => self::grey(1 - $by->grayscale)]);
        }
        if ($by->tint !== null && $by->tint->alpha > 0) {
            $values = self::tinting($by->tint);
            $id = "{$this->id}-tint";
            $this->functions[] = "url(#{$id})";
            $this->tints .= Svg::element('filter', ['id' => $id, 'x' => '0', 'y' => '0', 'width' => '1', 'height' => '1', 'color-interpolation-filters' => 'sRGB'], Svg::element('feColorMatrix', ['type' => 'matrix', 'values' => $values]));
            $this->then('feColorMatrix', ['type' => 'matrix', 'values' => $values]);
        }

        return $this->blur($by->blur);
    }

    /** A shadow of all that is there, behind it. */
    public function shadow(Shadow $shadow): self
    {
        $n = Number::text(...);
        $this->functions[] = "drop-shadow({$n($shadow->offsetX)}px {$n($shadow->offsetY)}px {$n($shadow->blur / 2)}px {$shadow->colour->toHex()})";
        $thrower = $this->last;
        $this->then('feGaussianBlur', ['stdDeviation' => $shadow->blur / 2]);
        $this->then('feOffset', ['dx' => $shadow->offsetX, 'dy' => $shadow->offsetY]);
        $moved = $this->last;
        $this->then('feFlood', ['flood-color' => $shadow->colour->opaqueHex(), 'flood-opacity' => $shadow->colour->alpha]);
        $this->then('feComposite', ['in2' => $moved, 'operator' => 'in']);
        $cast = $this->last;
        $this->then('feMerge', [], Svg::element('feMergeNode', ['in' => $cast]), Svg::element('feMergeNode', ['in' => $thrower]));

        return $this;
    }

    /** The `filter` of the element; null where nothing is done. */
    public function attribute(): ?string
    {
        return match (true) {
            $this->functions === [] => null,
            $this->alone => "url(#{$this->id})",
            default => implode(' ', $this->functions),
        };
    }

    /** What the attribute needs in the picture. */
    public function element(): string
    {
        return ! $this->alone || $this->functions === [] ? $this->tints : Svg::element('filter', [
            'id' => $this->id, 'filterUnits' => 'userSpaceOnUse',
            'x' => $this->on->x - $this->far, 'y' => $this->on->y - $this->far, 'width' => $this->on->width + 2 * $this->far, 'height' => $this->on->height + 2 * $this->far,
            'color-interpolation-filters' => 'sRGB',
        ], $this->primitives);
    }

    private function function(string $name, float $amount): void
    {
        $this->functions[] = "{$name}(".Number::text($amount).')';
    }

    /** @param  array<string, string|int|float|null>  $attributes */
    private function then(string $primitive, array $attributes, string ...$children): void
    {
        $result = 'step'.++$this->made;
        $in = in_array($primitive, ['feFlood', 'feMerge'], true) ? [] : ['in' => $this->last];
        $this->primitives .= Svg::element($primitive, $in + $attributes + ['result' => $result], ...$children);
        $this->last = $result;
    }

    private static function linear(float $slope, float $intercept): string
    {
        return implode('', array_map(fn (string $channel): string => Svg::element("feFunc{$channel}", ['type' => 'linear', 'slope' => $slope, 'intercept' => $intercept]), ['R', 'G', 'B']));
    }

    /** The matrix of `grayscale()` (Filter Effects 1, section 13.1.1), by how much of the colours is left. */
    private static function grey(float $left): string
    {
        return self::matrix(fn (int $row, int $column, float $weight): float => $weight * (1 - $left) + ($row === $column ? $left : 0));
    }

    /** Black stays, white becomes the colour, as much as that is opaque. */
    private static function tinting(Colour $tint): string
    {
        $channels = [$tint->red / 255, $tint->green / 255, $tint->blue / 255];

        return self::matrix(fn (int $row, int $column, float $weight): float => $tint->alpha * $channels[$row] * $weight + ($row === $column ? 1 - $tint->alpha : 0));
    }

    /**
     * The values of a colour matrix that leaves alpha as it is.
     *
     * @param  \Closure(int, int, float): float  $value  by row and column, and the weight of the column's channel in luminance
     */
    private static function matrix(\Closure $value): string
    {
        $rows = '';
        foreach ([0, 1, 2] as $row) {
            foreach ([0.2126, 0.7152, 0.0722] as $column => $weight) {
                $rows .= round($value($row, $column, $weight), 6).' ';
            }
            $rows .= '0 0 ';
        }

        return $rows.'0 0 0 1 0';
    }
}
