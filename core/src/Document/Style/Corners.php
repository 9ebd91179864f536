<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Property\AllAlike;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Shorthand;

/** Corner radii in px, in the order of CSS `border-radius`: top left, top right, bottom right, bottom left. */
final readonly class Corners implements Shorthand
{
    use AllAlike;
    use Declared;

    public function __construct(
        #[Is\Number(0, base: Is\Base::Side, label: 'corner radius')] public float $topLeft = 0,
        #[Is\Number(0, base: Is\Base::Side, label: 'corner radius')] public float $topRight = 0,
        #[Is\Number(0, base: Is\Base::Side, label: 'corner radius')] public float $bottomRight = 0,
        #[Is\Number(0, base: Is\Base::Side, label: 'corner radius')] public float $bottomLeft = 0,
    ) {
    }

    public static function all(float $radius): self
    {
        return new self($radius, $radius, $radius, $radius);
    }

    /** @return list<float> in the order of their names */
    public function radii(): array
    {
        return [$this->topLeft, $this->topRight, $this->bottomRight, $this->bottomLeft];
    }

    /** The one radius of all four corners, or null when they differ. */
    public function same(): ?float
    {
        return count(array_unique($this->radii())) === 1 ? $this->topLeft : null;
    }

    /** Each radius made larger or smaller, never below zero; a square corner stays square. */
    public function grown(float $by): self
    {
        return new self(...array_map(
            fn (float $radius): float => $radius > 0 ? max(0.0, $radius + $by) : 0.0,
            $this->radii(),
        ));
    }

    /** The radii that fit the box: all scaled by one factor where two overlap (CSS Backgrounds 3, section 4.5). */
    public function fitted(Box $box): self
    {
        $factor = 1.0;
        $sums = [
            [$box->width, $this->topLeft + $this->topRight],
            [$box->height, $this->topRight + $this->bottomRight],
            [$box->width, $this->bottomRight + $this->bottomLeft],
            [$box->height, $this->bottomLeft + $this->topLeft],
        ];
        foreach ($sums as [$length, $sum]) {
            if ($sum > 0) {
                $factor = min($factor, $length / $sum);
            }
        }

        return new self(...array_map(fn (float $radius): float => $radius * $factor, $this->radii()));
    }

    /** SVG path data of the box with these corners. */
    public function path(Box $box): string
    {
        $fit = $this->fitted($box);
        $n = Number::text(...);
        $arc = fn (float $radius, float $x, float $y): string => $radius > 0 ? "A{$n($radius)} {$n($radius)} 0 0 1 {$n($x)} {$n($y)}" : '';

        return "M{$n($box->x + $fit->topLeft)} {$n($box->y)}H{$n($box->right() - $fit->topRight)}"
            .$arc($fit->topRight, $box->right(), $box->y + $fit->topRight)
            ."V{$n($box->bottom() - $fit->bottomRight)}"
            .$arc($fit->bottomRight, $box->right() - $fit->bottomRight, $box->bottom())
            ."H{$n($box->x + $fit->bottomLeft)}"
            .$arc($fit->bottomLeft, $box->x, $box->bottom() - $fit->bottomLeft)
            ."V{$n($box->y + $fit->topLeft)}"
            .$arc($fit->topLeft, $box->x + $fit->topLeft, $box->y).'Z';
    }

    /** SVG path data of a cross from corner to corner of a box, within its roundings: what stands for a picture is drawn so. */
    public function cross(Box $box): string
    {
        $fit = $this->fitted($box);
        // How far from a corner of radius r a diagonal meets it, along either side.
        [$a, $b, $c, $d] = array_map(fn (float $radius): float => $radius * (1 - M_SQRT1_2), $fit->radii());
        $n = Number::text(...);

        return "M{$n($box->x + $a)} {$n($box->y + $a)}L{$n($box->right() - $c)} {$n($box->bottom() - $c)}M{$n($box->right() - $b)} {$n($box->y + $b)}L{$n($box->x + $d)} {$n($box->bottom() - $d)}";
    }
}
