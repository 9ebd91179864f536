<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * An ellipse as large as its box; of less than a whole turn an arc, with a hole a ring. Angles are in degrees, clockwise from the top, as those
 * of CSS gradients; in a box that is not square they are those of the circle that it is stretched from. `hole` is the share of the radius that
 * is left out, which chords and open arcs have none of.
 */
final readonly class Ellipse implements LayerContent
{
    use Declared;

    public function __construct(
        #[Is\Number(-360, 360, turn: 360, label: 'start', sparse: true, affects: Is\Affects::Paint)] public float $startAngle = 0.0,
        #[Is\Number(1, 360, label: 'sweep', sparse: true, tries: ['90', '180', '270', '360'], affects: Is\Affects::Paint)] public float $sweep = 360.0,
        #[Is\Number(0, 0.99, percent: true, label: 'hole', sparse: true, tries: ['0%', '40%', '60%', '80%'], affects: Is\Affects::Paint)] public float $hole = 0.0,
        #[Is\Choice(label: 'ends of the arc', sparse: true, affects: Is\Affects::Paint)] public ArcEnds $ends = ArcEnds::Sector,
    ) {
    }

    public static function kind(): string
    {
        return 'ellipse';
    }

    /** Whether it is all of an ellipse, without a hole. */
    public function isWhole(): bool
    {
        return ! $this->isArc() && $this->hole <= 0;
    }

    public function isArc(): bool
    {
        return $this->sweep < 360;
    }

    /** Along its edge, in a box of its size, its corner at 0, 0. */
    public function path(Box $box): PathData
    {
        $middle = $box->sized($box->width, $box->height)->movedBy(-$box->x, -$box->y)->centre();
        $ring = fn (float $share, float $start, float $sweep): string => Outline::arc($middle, $box->width / 2 * $share, $box->height / 2 * $share, $start, $sweep);
        if ($this->isWhole()) {
            return Outline::ellipse($middle->x, $middle->y, $middle->x, $middle->y);
        }
        if (! $this->isArc()) {
            // The hole runs the other way round, so that it is one by either rule of filling.
            return PathData::parse($ring(1, $this->startAngle, 360).'Z'.$ring($this->hole, $this->startAngle, -360).'Z');
        }
        $outer = $ring(1, $this->startAngle, $this->sweep);

        return PathData::parse(match (true) {
            $this->ends === ArcEnds::Open => $outer,
            $this->ends === ArcEnds::Chord => $outer.'Z',
            $this->hole > 0 => $outer.'L'.substr($ring($this->hole, $this->startAngle + $this->sweep, -$this->sweep), 1).'Z',
            default => "{$outer}L{$middle->x} {$middle->y}Z",
        });
    }

    public function paint(): array
    {
        return ['fills' => [], 'strokes' => ['sides', ...($this->isOpen() ? ['position'] : self::NO_ENDS)], 'effects' => $this->isWhole() ? ['top', 'right', 'bottom', 'left'] : self::ALPHA, 'masking' => []];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }

    private function isOpen(): bool
    {
        return $this->isArc() && $this->ends === ArcEnds::Open;
    }
}
