<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Corners;
use Kindred\Document\Style\StrokePosition;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Render\Svg;

/** A rectangle with rounded corners. */
final readonly class BoxShape implements Shape
{
    public function __construct(public Box $box, private Corners $corners = new Corners)
    {
    }

    public function element(array $paint): string
    {
        $radius = $this->corners->same();

        return $radius === null
            ? Svg::element('path', ['d' => $this->corners->path($this->box)] + $paint)
            : Svg::element('rect', [
                'x' => $this->box->x === 0.0 ? null : $this->box->x, 'y' => $this->box->y === 0.0 ? null : $this->box->y,
                'width' => $this->box->width, 'height' => $this->box->height, 'rx' => $radius === 0.0 ? null : $radius,
            ] + $paint);
    }

    /** @return list<float> of its corners as far as they fit, px, from the top left clockwise */
    public function radii(): array
    {
        return $this->corners->fitted($this->box)->radii();
    }

    public function outline(): PathData
    {
        return PathData::parse($this->corners->path($this->box));
    }

    public function isClosed(): bool
    {
        return true;
    }

    public function grown(float $by): self
    {
        $box = new Box($this->box->x - $by, $this->box->y - $by, max(0.0, $this->box->width + 2 * $by), max(0.0, $this->box->height + 2 * $by));

        return new self($box, $this->corners->fitted($this->box)->grown($by)->fitted($box));
    }

    /** Between an outer edge and an inner one, whose corners are rounder than square as far as the sides leave room (CSS Backgrounds 3, section 4.2). */
    public function frame(array $widths, StrokePosition $position): PathData
    {
        [$top, $right, $bottom, $left] = $widths;
        $out = $position->offset() + 0.5;
        $outer = $this->sided($top * $out, $right * $out, $bottom * $out, $left * $out);
        $in = $out - 1;
        $inner = $this->sided($top * $in, $right * $in, $bottom * $in, $left * $in);

        return PathData::parse($outer.$inner);
    }

    /**
     * The sides that a stroke is drawn along, each in the middle of its width.
     *
     * @param  array{float, float, float, float}  $widths  px
     * @return list<array{LineShape, float}> with how wide it is
     */
    public function edges(array $widths, StrokePosition $position): array
    {
        [$top, $right, $bottom, $left] = array_map(fn (float $width): float => $width * $position->offset(), $widths);
        [$x, $y, $far, $low] = [$this->box->x - $left, $this->box->y - $top, $this->box->right() + $right, $this->box->bottom() + $bottom];
        $ends = [[$this->box->x, $y, $this->box->right(), $y], [$far, $this->box->y, $far, $this->box->bottom()], [$this->box->right(), $low, $this->box->x, $low], [$x, $this->box->bottom(), $x, $this->box->y]];
        $out = [];
        foreach ($ends as $i => [$fromX, $fromY, $toX, $toY]) {
            if ($widths[$i] > 0) {
                $out[] = [new LineShape(new Point($fromX, $fromY), new Point($toX, $toY)), $widths[$i]];
            }
        }

        return $out;
    }

    /** The path of the box with each side so many px further out, corners with it. */
    private function sided(float $top, float $right, float $bottom, float $left): string
    {
        $box = new Box($this->box->x - $left, $this->box->y - $top, max(0.0, $this->box->width + $left + $right), max(0.0, $this->box->height + $top + $bottom));
        $n = Number::text(...);
        $grown = fn (float $radius, float $by): float => $radius > 0 ? max(0.0, $radius + $by) : 0.0;
        [$a, $b, $c, $d] = $this->corners->fitted($this->box)->radii();
        $corners = [[$grown($a, $left), $grown($a, $top)], [$grown($b, $right), $grown($b, $top)], [$grown($c, $right), $grown($c, $bottom)], [$grown($d, $left), $grown($d, $bottom)]];
        $arc = function (int $corner, float $x, float $y) use ($n, $corners): string {
            [$across, $down] = $corners[$corner];

            return $across > 0 && $down > 0 ? "A{$n($across)} {$n($down)} 0 0 1 {$n($x)} {$n($y)}" : "L{$n($x)} {$n($y)}";
        };

        return "M{$n($box->x + $corners[0][0])} {$n($box->y)}H{$n($box->right() - $corners[1][0])}".$arc(1, $box->right(), $box->y + $corners[1][1])
            ."V{$n($box->bottom() - $corners[2][1])}".$arc(2, $box->right() - $corners[2][0], $box->bottom())
            ."H{$n($box->x + $corners[3][0])}".$arc(3, $box->x, $box->bottom() - $corners[3][1])
            ."V{$n($box->y + $corners[0][1])}".$arc(0, $box->x + $corners[0][0], $box->y).'Z';
    }

    public function breadth(): float
    {
        return min($this->box->width, $this->box->height);
    }
}
