<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Geometry\PathData;
use Kindred\Render\FilterChain;
use Kindred\Render\Paints;
use Kindred\Render\Svg;

/**
 * The shadows of one closed shape as CSS Backgrounds 3 (section 6.1) has those of boxes: outer ones only outside of it, whatever is seen
 * through it; inner ones only within. A blur of so many px is one of half that standard deviation.
 */
final readonly class Shadows
{
    /** Further than any shadow reaches, px. */
    private const FAR = 4000.0;

    private PathData $outline;

    private Box $bounds;

    public function __construct(private Brushes $brushes, private Shape $shape)
    {
        $this->outline = $shape->outline();
        $this->bounds = $this->outline->bounds() ?? new Box(0, 0, 0, 0);
    }

    /** @param  list<Shadow>  $shadows  the front one first */
    public function outer(array $shadows): string
    {
        $out = '';
        foreach (array_reverse($shadows) as $shadow) {
            $grown = $shadow->inner ? null : $this->grown($shadow->spread);
            if ($grown === null) {
                continue;
            }
            $outside = $this->brushes->id();
            $blur = $this->brushes->blur("{$outside}-blur", $shadow->blur / 2, $grown->outline()->bounds() ?? $this->bounds);
            $cast = $blur->element().Svg::element('g', ['clip-path' => "url(#{$outside})"], $grown->element(self::thrown($shadow, $blur)));
            $out .= Svg::element('clipPath', ['id' => $outside], Svg::element('path', ['d' => $this->around(self::FAR).$this->outline->text(), 'clip-rule' => 'evenodd']))
                .($shadow->isAllRound() ? $cast : $this->onSides($shadow, $cast));
        }

        return $out;
    }

    /** @param  list<Shadow>  $shadows  the front one first */
    public function inner(array $shadows): string
    {
        $inner = array_values(array_filter($shadows, fn (Shadow $shadow): bool => $shadow->inner));
        if ($inner === []) {
            return '';
        }
        $id = $this->brushes->id();
        $cast = '';
        foreach (array_reverse($inner) as $i => $shadow) {
            $hole = $this->hole($shadow)?->outline()->text() ?? '';
            $blur = $this->brushes->blur("{$id}-blur{$i}", $shadow->blur / 2, $this->bounds->movedBy(-$shadow->offsetX, -$shadow->offsetY));
            $cast .= $blur->element().Svg::element('path', ['d' => $this->around(2 * self::reach($shadow)).$hole, 'fill-rule' => 'evenodd'] + self::thrown($shadow, $blur));
        }

        return Svg::element('clipPath', ['id' => $id], $this->shape->element([])).Svg::element('g', ['clip-path' => "url(#{$id})"], $cast);
    }

    /** The shape made larger or smaller; null where nothing of it is left. Square corners stay square (CSS Backgrounds 3, section 6.1.1). */
    private function grown(float $by): ?Shape
    {
        return $by === 0.0 ? $this->shape : ($this->shape->breadth() + 2 * $by <= 0 ? null : $this->shape->grown($by) ?? $this->shape);
    }

    /** What an inner shadow leaves free: beyond the sides on which there is none it goes on. */
    private function hole(Shadow $shadow): ?Shape
    {
        $hole = $this->grown(-$shadow->spread);
        if (! $hole instanceof BoxShape || $shadow->isAllRound()) {
            return $hole;
        }
        [$top, $right, $bottom, $left] = array_map(fn (bool $on): float => $on ? 0.0 : self::reach($shadow), [$shadow->top, $shadow->right, $shadow->bottom, $shadow->left]);
        [$a, $b, $c, $d] = $hole->radii();
        $round = fn (bool $one, bool $other, float $radius): float => $one && $other ? $radius : 0.0;

        return new BoxShape(new Box($hole->box->x - $left, $hole->box->y - $top, $hole->box->width + $left + $right, $hole->box->height + $top + $bottom), new Corners(
            $round($shadow->top, $shadow->left, $a), $round($shadow->top, $shadow->right, $b), $round($shadow->bottom, $shadow->right, $c), $round($shadow->bottom, $shadow->left, $d),
        ));
    }

    /** Only beyond the sides on which it shows, and in the notches of their corners. */
    private function onSides(Shadow $shadow, string $cast): string
    {
        if (! $this->shape instanceof BoxShape) {
            return $cast;
        }
        $box = $this->shape->box;
        [$a, $b, $c, $d] = $this->shape->radii();
        $far = self::FAR;
        $areas = [];
        foreach ([
            [$shadow->top, [$box->x - $far, $box->y - $far, $box->right() + $far, $box->y], [$box->x, $box->y, $box->right(), $box->y + max($a, $b)]],
            [$shadow->right, [$box->right(), $box->y - $far, $box->right() + $far, $box->bottom() + $far], [$box->right() - max($b, $c), $box->y, $box->right(), $box->bottom()]],
            [$shadow->bottom, [$box->x - $far, $box->bottom(), $box->right() + $far, $box->bottom() + $far], [$box->x, $box->bottom() - max($c, $d), $box->right(), $box->bottom()]],
            [$shadow->left, [$box->x - $far, $box->y - $far, $box->x, $box->bottom() + $far], [$box->x, $box->y, $box->x + max($a, $d), $box->bottom()]],
        ] as [$on, $beyond, $notches]) {
            if ($on) {
                array_push($areas, self::area(...$beyond), self::area(...$notches));
            }
        }
        $id = $this->brushes->id();

        return $areas === [] ? '' : Svg::element('clipPath', ['id' => $id], Svg::element('path', ['d' => implode('', $areas)])).Svg::element('g', ['clip-path' => "url(#{$id})"], $cast);
    }

    /** Further than an inner shadow is thrown, px; no further than it needs, for what asks where the picture of a layer lies hears of this, too. */
    private static function reach(Shadow $shadow): float
    {
        return abs($shadow->offsetX) + abs($shadow->offsetY) + 2 * $shadow->blur + abs($shadow->spread) + 10;
    }

    /** An area that reaches so many px beyond the shape. */
    private function around(float $far): string
    {
        return self::area($this->bounds->x - $far, $this->bounds->y - $far, $this->bounds->right() + $far, $this->bounds->bottom() + $far);
    }

    private static function area(float $left, float $top, float $right, float $bottom): string
    {
        return vsprintf('M%s %sH%sV%sH%sZ', array_map(Number::text(...), [$left, $top, $right, $bottom, $left]));
    }

    /** @return array<string, string|int|float|null> */
    private static function thrown(Shadow $shadow, FilterChain $blur): array
    {
        $n = Number::text(...);

        return Paints::attributes('fill', $shadow->colour) + [
            'transform' => $shadow->offsetX === 0.0 && $shadow->offsetY === 0.0 ? null : "translate({$n($shadow->offsetX)} {$n($shadow->offsetY)})",
            'filter' => $blur->attribute(),
        ];
    }
}
