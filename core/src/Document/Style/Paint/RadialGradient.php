<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Paint\Interpolation;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * Out from a point, as an ellipse or a circle (CSS Images 4, section 3.2). The centre is given in shares of the box, and so are radii of
 * its own: of the width and of the height; of a circle the first counts.
 */
final readonly class RadialGradient implements Gradient
{
    use Declared, WithStops {
        WithStops::read insteadof Declared;
    }

    /** @param  list<Stop>  $stops */
    public function __construct(
        #[Is\Number(-10, 10, percent: true, label: 'centre across', sparse: true)] public float $centreX = 0.5,
        #[Is\Number(-10, 10, percent: true, label: 'centre down', sparse: true)] public float $centreY = 0.5,
        #[Is\Choice(label: 'reach', sparse: true)] public Extent $extent = Extent::FarthestCorner,
        #[Is\Flag(label: 'circle', sparse: true)] public bool $circle = false,
        #[Is\Number(0, 20, percent: true, label: 'radius across', sparse: true)] public float $radiusX = 0.5,
        #[Is\Number(0, 20, percent: true, label: 'radius down', sparse: true)] public float $radiusY = 0.5,
        #[Is\Records(Stop::class, self::MAX)] public array $stops = [],
        #[Is\Choice(label: 'colours between stops', sparse: true)] public Interpolation $space = Interpolation::Srgb,
        #[Is\Flag(label: 'repeating', sparse: true)] public bool $repeats = false,
    ) {
    }

    public static function kind(): string
    {
        return 'radial';
    }

    public static function label(): string
    {
        return 'Radial gradient';
    }

    /** Where its centre lies in a box, px. */
    public function centre(float $width, float $height): Point
    {
        return new Point($this->centreX * $width, $this->centreY * $height);
    }

    /**
     * How far away a stop at 1 lies.
     *
     * @param  float  $width  of the box, px
     * @param  float  $height  of the box, px
     * @return array{float, float} across and down, px
     */
    public function radii(float $width, float $height): array
    {
        $centre = $this->centre($width, $height);
        $across = [abs($centre->x), abs($width - $centre->x)];
        $down = [abs($centre->y), abs($height - $centre->y)];
        $near = $this->extent === Extent::ClosestSide || $this->extent === Extent::ClosestCorner;
        [$x, $y] = $near ? [min($across), min($down)] : [max($across), max($down)];
        if ($this->extent === Extent::Own) {
            return [$this->radiusX * $width, $this->circle ? $this->radiusX * $width : $this->radiusY * $height];
        }
        if ($this->extent === Extent::ClosestSide || $this->extent === Extent::FarthestSide) {
            $radius = $near ? min($x, $y) : max($x, $y);

            return $this->circle ? [$radius, $radius] : [$x, $y];
        }
        // The corner is as far away as those sides together; an ellipse through it is as long for its width as one to the sides.
        $corner = hypot($x, $y);

        return $this->circle ? [$corner, $corner] : [$x * M_SQRT2, $y * M_SQRT2];
    }

    public function place(Point $point, float $width, float $height): float
    {
        $from = $point->minus($this->centre($width, $height));
        [$across, $down] = $this->radii($width, $height);

        return $across > 0 && $down > 0 ? hypot($from->x / $across, $from->y / $down) : 1.0;
    }

    /** From the centre to the right, as far as it reaches. */
    public function spine(float $width, float $height): array
    {
        $centre = $this->centre($width, $height);
        [$across, $down] = $this->radii($width, $height);

        return ['from' => $centre, 'to' => new Point($centre->x + $across, $centre->y), 'across' => $this->circle ? null : new Point($centre->x, $centre->y + $down), 'places' => [0.0, 1.0]];
    }

    public function along(Point $from, Point $to, ?float $across, float $width, float $height): static
    {
        $radius = $this->circle ? hypot($to->x - $from->x, $to->y - $from->y) : abs($to->x - $from->x);
        $down = $across ?? $this->radii($width, $height)[1];
        $share = fn (float $length, float $of, float $min, float $max): float => $of <= 0 ? 0.0 : round(max($min, min($max, $length / $of)), 5);

        return $this->with(
            centreX: $share($from->x, $width, -10, 10), centreY: $share($from->y, $height, -10, 10),
            extent: Extent::Own, radiusX: $share($radius, $width, 0, 20), radiusY: $share($down, $height, 0, 20),
        );
    }

    private function line(?float $width): string
    {
        $size = match (true) {
            $this->extent !== Extent::Own => $this->extent === Extent::FarthestCorner ? '' : $this->extent->value,
            $this->circle => $width === null ? self::percent($this->radiusX) : Number::text($this->radiusX * $width).'px',
            default => self::percent($this->radiusX).' '.self::percent($this->radiusY),
        };
        $at = $this->centreX === 0.5 && $this->centreY === 0.5 ? '' : 'at '.self::percent($this->centreX).' '.self::percent($this->centreY);

        return implode(' ', array_filter([$this->circle ? 'circle' : '', $size, $at], fn (string $part): bool => $part !== ''));
    }
}
