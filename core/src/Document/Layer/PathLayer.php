<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Fit;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A free shape: SVG path data of absolute moves, lines and cubic curves in px from the box's corner. `evenOdd` is its `fill-rule`, `rounding` the
 * radius of its corners, px, as far as there is room for it. Of one
 * that was drawn by hand `samples` are the places where the hand was, x and y in turn, and `tolerance` how far off the path may be, px.
 */
final readonly class PathLayer implements LayerContent
{
    use Declared;

    /** Numbers, two for each place. */
    public const MAX_SAMPLES = 8000;

    /** Samples that lie so near to a line between others, px, are left out. */
    private const THIN = 0.25;

    /** @param  list<float>  $samples */
    public function __construct(
        #[PathText(PathData::MAX_LENGTH, false, field: false, affects: Is\Affects::Paint)] public string $d,
        #[Is\Flag(affects: Is\Affects::Paint)] public bool $evenOdd = false,
        #[Is\Number(0, 1000, label: 'rounding', look: true, sparse: true, tries: ['0', '4', '8', '16', '28'], affects: Is\Affects::Paint)] public float $rounding = 0.0,
        #[Is\Numbers(self::MAX_SAMPLES, overridable: false, field: false, sparse: true, affects: Is\Affects::Nothing)] public array $samples = [],
        #[Is\Number(0.1, 100, label: 'smoothing', overridable: false, sparse: true, affects: Is\Affects::Paint)] public float $tolerance = 2.0,
    ) {
    }

    public static function kind(): string
    {
        return 'path';
    }

    /** As it is drawn: with its corners rounded. */
    public function outline(): string
    {
        return $this->rounding <= 0 ? $this->d : Curves::of(PathData::parse($this->d))->rounded($this->rounding)->path()->text();
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides'], 'effects' => self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this->mapped($horizontally, $vertically, 0, 0);
    }

    public function moved(float $dx, float $dy): self
    {
        return $this->mapped(1, 1, $dx, $dy);
    }

    /**
     * A path through where a hand was, of few curves.
     *
     * @param  list<Point>  $points
     * @param  float  $tolerance  how far off it may be, px
     */
    public static function drawn(array $points, float $tolerance, bool $closed): self
    {
        $thin = Fit::thinned($points, min(self::THIN, $tolerance / 4));
        // More than can be kept are none that a hand makes: they are thinned as much as it takes.
        for ($off = 2 * self::THIN; 2 * count($thin) > self::MAX_SAMPLES; $off *= 4) {
            $thin = Fit::thinned($points, $off);
        }
        $samples = array_merge(...array_map(fn (Point $point): array => [round($point->x, 3), round($point->y, 3)], $thin));

        return new self((new Curves([Fit::through($thin, $tolerance, $closed)]))->path()->text(), samples: $samples, tolerance: $tolerance);
    }

    /** Drawn by hand: as near to where the hand was as it is wanted now. */
    public function redrawn(): self
    {
        $points = array_map(fn (array $one): Point => new Point($one[0], $one[1] ?? 0.0), array_chunk($this->samples, 2));

        return $points === [] ? $this : self::drawn($points, $this->tolerance, str_contains($this->d, 'Z'))->with(evenOdd: $this->evenOdd, rounding: $this->rounding, samples: $this->samples);
    }

    private function mapped(float $across, float $down, float $dx, float $dy): self
    {
        $samples = array_map(fn (float $value, int $i): float => round($i % 2 === 0 ? $value * $across + $dx : $value * $down + $dy, 3), $this->samples, array_keys($this->samples));

        return $this->with(d: PathData::parse($this->d)->mapped($across, 0, 0, $down, $dx, $dy)->text(), samples: $samples);
    }
}
