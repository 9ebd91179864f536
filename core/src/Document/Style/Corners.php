<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Input\Reader;

/** Corner radii in px, in the order of CSS `border-radius`: top left, top right, bottom right, bottom left. */
final readonly class Corners
{
    public const NAMES = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft'];

    public function __construct(
        public float $topLeft = 0,
        public float $topRight = 0,
        public float $bottomRight = 0,
        public float $bottomLeft = 0,
    ) {
    }

    public static function all(float $radius): self
    {
        return new self($radius, $radius, $radius, $radius);
    }

    public static function read(Reader $in): self
    {
        return new self(...array_map(fn (string $name): float => $in->numberOr($name, 0, 0), self::NAMES));
    }

    public function with(string $corner, float $radius): self
    {
        return new self(...[...$this->toArray(), $corner => $radius]);
    }

    /** The one radius of all four corners, or null when they differ. */
    public function same(): ?float
    {
        return count(array_unique($this->toArray())) === 1 ? $this->topLeft : null;
    }

    /** Each radius made larger or smaller, never below zero; a square corner stays square. */
    public function grown(float $by): self
    {
        return new self(...array_map(
            fn (float $radius): float => $radius > 0 ? max(0.0, $radius + $by) : 0.0,
            $this->toArray(),
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

        return new self(...array_map(fn (float $radius): float => $radius * $factor, $this->toArray()));
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
        // A diagonal meets a corner of radius r so far from it, along either side.
        [$a, $b, $c, $d] = array_map(fn (float $radius): float => $radius * (1 - M_SQRT1_2), array_values($fit->toArray()));
        $n = Number::text(...);

        return "M{$n($box->x + $a)} {$n($box->y + $a)}L{$n($box->right() - $c)} {$n($box->bottom() - $c)}M{$n($box->right() - $b)} {$n($box->y + $b)}L{$n($box->x + $d)} {$n($box->bottom() - $d)}";
    }

    /** @return array{topLeft: float, topRight: float, bottomRight: float, bottomLeft: float} */
    public function toArray(): array
    {
        return [
            'topLeft' => $this->topLeft,
            'topRight' => $this->topRight,
            'bottomRight' => $this->bottomRight,
            'bottomLeft' => $this->bottomLeft,
        ];
    }
}
