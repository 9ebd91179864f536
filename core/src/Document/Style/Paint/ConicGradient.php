<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Paint\Interpolation;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Round a point, clockwise from an angle in degrees, 0 upwards; a stop at 1 is a whole turn away (CSS Images 4, section 3.3). */
final readonly class ConicGradient implements Gradient
{
    use Declared, WithStops {
        WithStops::read insteadof Declared;
    }

    /** @param  list<Stop>  $stops */
    public function __construct(
        #[Is\Number(-10, 10, percent: true, label: 'centre across', sparse: true)] public float $centreX = 0.5,
        #[Is\Number(-10, 10, percent: true, label: 'centre down', sparse: true)] public float $centreY = 0.5,
        #[Is\Number(-360, 360, turn: 360, label: 'angle of the gradient', sparse: true)] public float $angle = 0,
        #[Is\Records(Stop::class, self::MAX)] public array $stops = [],
        #[Is\Choice(label: 'colours between stops', sparse: true)] public Interpolation $space = Interpolation::Srgb,
        #[Is\Flag(label: 'repeating', sparse: true)] public bool $repeats = false,
    ) {
    }

    public static function kind(): string
    {
        return 'conic';
    }

    public static function label(): string
    {
        return 'Conic gradient';
    }

    /** Where its centre lies in a box, px. */
    public function centre(float $width, float $height): Point
    {
        return new Point($this->centreX * $width, $this->centreY * $height);
    }

    public function place(Point $point, float $width, float $height): float
    {
        $from = $point->minus($this->centre($width, $height));

        return fmod(rad2deg(atan2($from->x, -$from->y)) - $this->angle + 720, 360) / 360;
    }

    /** From the centre towards where it begins. */
    public function spine(float $width, float $height): array
    {
        $centre = $this->centre($width, $height);
        $length = max(24.0, min($width, $height) / 2);
        $angle = deg2rad($this->angle);

        return ['from' => $centre, 'to' => new Point($centre->x + $length * sin($angle), $centre->y - $length * cos($angle)), 'across' => null, 'places' => [0.0, 1.0]];
    }

    public function along(Point $from, Point $to, ?float $across, float $width, float $height): static
    {
        $share = fn (float $length, float $of): float => $of <= 0 ? 0.0 : round(max(-10.0, min(10.0, $length / $of)), 5);

        return $this->with(
            centreX: $share($from->x, $width), centreY: $share($from->y, $height),
            angle: hypot($to->x - $from->x, $to->y - $from->y) < 0.5 ? $this->angle : round(fmod(rad2deg(atan2($to->x - $from->x, $from->y - $to->y)) + 360, 360), 2),
        );
    }

    private function line(?float $width): string
    {
        $from = $this->angle === 0.0 ? '' : 'from '.Number::text($this->angle).'deg';
        $at = $this->centreX === 0.5 && $this->centreY === 0.5 ? '' : 'at '.self::percent($this->centreX).' '.self::percent($this->centreY);

        return trim("{$from} {$at}");
    }
}
