<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Paint\Interpolation;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Along a line through the middle of the box; the angle in degrees, clockwise, 0 upwards (CSS Images 4, section 3.1). */
final readonly class LinearGradient implements Gradient
{
    use Declared, WithStops {
        WithStops::read insteadof Declared;
    }

    /** @param  list<Stop>  $stops */
    public function __construct(
        #[Is\Number(-360, 360, turn: 360, label: 'angle of the gradient', sparse: true, tries: ['0', '45', '90', '180'])] public float $angle = 180,
        #[Is\Records(Stop::class, self::MAX)] public array $stops = [],
        #[Is\Choice(label: 'colours between stops', sparse: true)] public Interpolation $space = Interpolation::Srgb,
        #[Is\Flag(label: 'repeating', sparse: true)] public bool $repeats = false,
    ) {
    }

    public static function kind(): string
    {
        return 'linear';
    }

    public static function label(): string
    {
        return 'Linear gradient';
    }

    /**
     * Where stops at 0 and at 1 lie in a box.
     *
     * @param  float  $width  px
     * @param  float  $height  px
     * @return array{Point, Point}
     */
    public function ends(float $width, float $height): array
    {
        [$sin, $cos] = [sin(deg2rad($this->angle)), cos(deg2rad($this->angle))];
        $half = (abs($width * $sin) + abs($height * $cos)) / 2;

        return [new Point($width / 2 - $sin * $half, $height / 2 + $cos * $half), new Point($width / 2 + $sin * $half, $height / 2 - $cos * $half)];
    }

    public function place(Point $point, float $width, float $height): float
    {
        [$start, $end] = $this->ends($width, $height);
        $along = $end->minus($start);
        $length = $along->dot($along);

        return $length > 0 ? $point->minus($start)->dot($along) / $length : 1.0;
    }

    /** From its first stop to its last. */
    public function spine(float $width, float $height): array
    {
        [$start, $end] = $this->ends($width, $height);
        [$first, $last] = [$this->ramp()->start(), $this->ramp()->end()];
        if ($last - $first < 1e-6) {
            [$first, $last] = [0.0, 1.0];
        }
        $at = fn (float $place): Point => new Point($start->x + ($end->x - $start->x) * $place, $start->y + ($end->y - $start->y) * $place);

        return ['from' => $at($first), 'to' => $at($last), 'across' => null, 'places' => [$first, $last]];
    }

    /** The line of CSS runs through the middle: stops lie on it where the other line is square to it. */
    public function along(Point $from, Point $to, ?float $across, float $width, float $height): static
    {
        [$dx, $dy] = [$to->x - $from->x, $to->y - $from->y];
        if (hypot($dx, $dy) < 0.5) {
            return $this;
        }
        $turned = $this->with(angle: round(fmod(rad2deg(atan2($dx, -$dy)) + 360, 360), 2));
        [$start, $end] = $turned->ends($width, $height);
        $length = hypot($end->x - $start->x, $end->y - $start->y);
        $place = fn (Point $point): float => $length < 0.001 ? 0.0 : (($point->x - $start->x) * ($end->x - $start->x) + ($point->y - $start->y) * ($end->y - $start->y)) / $length ** 2;
        [$first, $last] = $this->spine($width, $height)['places'];
        [$newFirst, $newLast] = [$place($from), $place($to)];
        $moved = fn (float $at): float => round(max(-(float) Stop::FURTHEST, min((float) Stop::FURTHEST, $newFirst + ($newLast - $newFirst) * ($at - $first) / ($last - $first))), 4);

        return $turned->with(stops: array_map(fn (Stop $stop): Stop => $stop->with(at: $moved($stop->at), hint: $stop->hint === null ? null : $moved($stop->hint)), $this->stops));
    }

    private function line(?float $width): string
    {
        return $this->angle === 180.0 ? '' : Number::text($this->angle).'deg';
    }
}
