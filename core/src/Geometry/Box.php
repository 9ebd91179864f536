<?php

declare(strict_types=1);

namespace Kindred\Geometry;

use Kindred\Input\Reader;

/** An upright rectangle in px; x and y run right and down. Width and height are never negative. */
final readonly class Box
{
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self($in->number('x'), $in->number('y'), $in->number('width', 0), $in->number('height', 0));
    }

    /** The box from one corner to the other; null where nothing lies between them. */
    public static function between(float $left, float $top, float $right, float $bottom): ?self
    {
        return $right <= $left || $bottom <= $top ? null : new self($left, $top, $right - $left, $bottom - $top);
    }

    /** The smallest box around all of these; null around nothing. */
    public static function around(self ...$boxes): ?self
    {
        if ($boxes === []) {
            return null;
        }
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        foreach ($boxes as $box) {
            $left = min($left, $box->x);
            $top = min($top, $box->y);
            $right = max($right, $box->x + $box->width);
            $bottom = max($bottom, $box->y + $box->height);
        }

        return new self($left, $top, $right - $left, $bottom - $top);
    }

    /**
     * The smallest box around points; that of one point has no size.
     *
     * @param  non-empty-list<Point>  $points
     */
    public static function of(array $points): self
    {
        $left = $right = $points[0]->x;
        $top = $bottom = $points[0]->y;
        foreach ($points as $point) {
            $left = min($left, $point->x);
            $top = min($top, $point->y);
            $right = max($right, $point->x);
            $bottom = max($bottom, $point->y);
        }

        return new self($left, $top, $right - $left, $bottom - $top);
    }

    public function equals(self $other): bool
    {
        return $this->x === $other->x && $this->y === $other->y && $this->width === $other->width && $this->height === $other->height;
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    /** Larger by a factor, and as much further from the origin. */
    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->width * $factor, $this->height * $factor);
    }

    /** Whether a point lies in it, or on its edge. */
    public function holds(Point $point): bool
    {
        return $point->x >= $this->x && $point->x <= $this->right() && $point->y >= $this->y && $point->y <= $this->bottom();
    }

    /**
     * Whether another lies in it, edges too.
     *
     * @param  float  $slop  px by which it may reach out
     */
    public function contains(self $other, float $slop = 0.0): bool
    {
        return $other->x >= $this->x - $slop && $other->y >= $this->y - $slop && $other->right() <= $this->right() + $slop && $other->bottom() <= $this->bottom() + $slop;
    }

    /** Whether both have a point in common, if only one of an edge. */
    public function meets(self $other): bool
    {
        return $this->x <= $other->right() && $other->x <= $this->right() && $this->y <= $other->bottom() && $other->y <= $this->bottom();
    }

    /** Whether both have an area in common. */
    public function overlaps(self $other): bool
    {
        return $this->x < $other->right() && $other->x < $this->right() && $this->y < $other->bottom() && $other->y < $this->bottom();
    }

    public function centre(): Point
    {
        return new Point($this->x + $this->width / 2, $this->y + $this->height / 2);
    }

    public function movedBy(float $dx, float $dy): self
    {
        return new self($this->x + $dx, $this->y + $dy, $this->width, $this->height);
    }

    /** Further out by so many px at each side. */
    public function widened(float $by): self
    {
        return new self($this->x - $by, $this->y - $by, $this->width + 2 * $by, $this->height + 2 * $by);
    }

    public function sized(float $width, float $height): self
    {
        return new self($this->x, $this->y, $width, $height);
    }

    /** The upright bounds of this box turned about its centre by the angle in degrees, clockwise. */
    public function turned(float $degrees): self
    {
        if (fmod($degrees, 360.0) === 0.0) {
            return $this;
        }
        $cos = abs(cos(deg2rad($degrees)));
        $sin = abs(sin(deg2rad($degrees)));
        $width = $this->width * $cos + $this->height * $sin;
        $height = $this->width * $sin + $this->height * $cos;
        $centre = $this->centre();

        return new self($centre->x - $width / 2, $centre->y - $height / 2, $width, $height);
    }
}
