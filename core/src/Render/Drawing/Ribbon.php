<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Paint\Gradient;
use Kindred\Geometry\Curve\Cubic;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Subpath;
use Kindred\Geometry\Number;
use Kindred\Paint\Colour;
use Kindred\Paint\Ramp;
use Kindred\Render\Paints;
use Kindred\Render\Svg;

/**
 * A stroke whose gradient runs along its line, from the start of each part of its path to its end. SVG paints no stroke so: it is put together of
 * pieces of the line, each of one colour, so short that the next differs by next to nothing.
 */
final readonly class Ribbon
{
    /** Colours of pieces beside each other differ by so much of 255 at most, unless they would be shorter than a px. */
    private const STEP = 2.0;

    private const SHORTEST = 1.0;

    private const MAX = 400;

    /** How far a piece reaches under the next one, px: between them no gap shows. */
    private const UNDER = 0.6;

    /** Pieces that the length of a curve is reckoned with. */
    private const PIECES = 64;

    /** @var non-empty-list<array{float, Colour}> */
    private array $samples;

    /** The alpha that all of its colours have; null where they differ. */
    private ?float $alpha;

    public function __construct(Gradient $paint)
    {
        $this->samples = $paint->ramp()->across(0, 1, $paint->repeats());
        $alphas = array_unique(array_map(fn (array $sample): string => (string) $sample[1]->alpha, $this->samples));
        $this->alpha = count($alphas) === 1 ? $this->samples[0][1]->alpha : null;
    }

    /** The colour of what lies at a share of the way, 0 to 1. */
    public function colour(float $share): Colour
    {
        $last = $this->samples[0];
        foreach ($this->samples as $sample) {
            if ($sample[0] >= $share) {
                return $sample[0] <= $last[0] ? $sample[1] : Ramp::mix($last[1], $sample[1], ($share - $last[0]) / ($sample[0] - $last[0]));
            }
            $last = $sample;
        }

        return $last[1];
    }

    /**
     * @param  array<string, string|null>  $lined  corners, ends and dashes of the stroke, as SVG has them
     * @param  float  $opacity  of the stroke
     */
    public function painted(Curves $path, float $width, array $lined, float $opacity): string
    {
        $out = '';
        foreach ($path->subpaths as $subpath) {
            $out .= $this->along($subpath, $lined);
        }
        $opacity *= $this->alpha ?? 1.0;

        return $out === '' ? '' : Svg::element('g', ['fill' => 'none', 'stroke-width' => $width, 'opacity' => $opacity >= 1 ? null : $opacity, 'shape-rendering' => $this->alpha === null ? 'crispEdges' : null] + array_diff_key($lined, ['stroke-linecap' => true]), $out);
    }

    /** @param  array<string, string|null>  $lined */
    private function along(Subpath $subpath, array $lined): string
    {
        $curves = $subpath->count() === 0 ? [] : array_map($subpath->curve(...), range(0, $subpath->count() - 1));
        $ends = [0.0];
        foreach ($curves as $curve) {
            $ends[] = end($ends) + $curve->length(self::PIECES);
        }
        $length = end($ends);
        if ($length <= 0) {
            return '';
        }
        $many = max(1, min(self::MAX, (int) ceil($this->difference() / self::STEP), (int) ceil($length / self::SHORTEST)));
        [$cap, $dashed] = [$lined['stroke-linecap'] ?? null, ($lined['stroke-dasharray'] ?? null) !== null];
        // Where colours are seen through each other none reaches under the next.
        $under = $this->alpha === null ? 0.0 : self::UNDER;
        $piece = function (float $from, float $to, float $share, ?string $cap) use ($curves, $ends, $subpath, $dashed): string {
            $colour = $this->colour($share);

            return Svg::element('path', ['d' => self::cut($curves, $ends, $from, $to, $subpath->closed), 'stroke-linecap' => $cap, 'stroke-dashoffset' => $dashed ? $from : null] + Paints::attributes('stroke', $this->alpha === null ? $colour : $colour->withAlpha(1)));
        };
        $out = '';
        // The ends lie below the pieces beside them, so that only what reaches out of the line shows.
        if ($cap !== null && ! $dashed && ! $subpath->closed) {
            $short = min($length, 0.1);
            $out .= $piece(0, $short, 0, $cap).$piece($length - $short, $length, 1, $cap);
        }
        for ($i = 0; $i < $many; $i++) {
            $out .= $piece($length * $i / $many, $length * ($i + 1) / $many + $under, ($i + 0.5) / $many, $dashed ? $cap : null);
        }

        return $out;
    }

    /** How far its colours go in all, of 255. */
    private function difference(): float
    {
        $all = 0.0;
        foreach (array_slice($this->samples, 1) as $i => $sample) {
            $all += Ramp::apart($this->samples[$i][1], $sample[1]);
        }

        return $all;
    }

    /**
     * The part of a line between two lengths, as path data; beyond its end a closed one goes on from its start.
     *
     * @param  list<Cubic>  $curves
     * @param  non-empty-list<float>  $ends  the lengths at which they begin, and at which the last ends
     */
    private static function cut(array $curves, array $ends, float $from, float $to, bool $closed): string
    {
        $length = $ends[count($ends) - 1];
        if ($to > $length && $closed) {
            return self::cut($curves, $ends, $from, $length, false).'L'.substr(self::cut($curves, $ends, 0, min($length, $to - $length), false), 1);
        }
        $out = '';
        foreach ($curves as $i => $curve) {
            [$start, $end] = [max($from, $ends[$i]), min($to, $ends[$i + 1])];
            if ($end <= $start) {
                continue;
            }
            $first = $end < $ends[$i + 1] ? $curve->split($t = $curve->place($end - $ends[$i], self::PIECES))[0] : $curve;
            $t ??= 1.0;
            $part = $start > $ends[$i] ? $first->split($t > 0 ? min(1.0, $curve->place($start - $ends[$i], self::PIECES) / $t) : 0.0)[1] : $first;
            $out .= ($out === '' ? "M{$part->a->x} {$part->a->y}" : '').($part->isLine() ? "L{$part->d->x} {$part->d->y}" : "C{$part->b->x} {$part->b->y} {$part->c->x} {$part->c->y} {$part->d->x} {$part->d->y}");
            unset($t);
        }

        return (string) preg_replace_callback('/-?\d+(?:\.\d+)?(?:E-?\d+)?/', fn (array $number): string => Number::text((float) $number[0]), $out);
    }
}
