<?php

declare(strict_types=1);

namespace Kindred\Geometry;

use Kindred\Input\InvalidInput;

/** The outlines of SVG's basic shapes as path data (SVG 2, chapter 10). */
final class Outline
{
    /**
     * @param  string  $name  of the element
     * @param  array<string, string>  $attributes
     * @return PathData|null null where it has no outline, or breaks the grammar
     */
    public static function of(string $name, array $attributes): ?PathData
    {
        $n = fn (string $key, float $otherwise = 0.0): float => (float) ($attributes[$key] ?? $otherwise);
        try {
            return match ($name) {
                'path' => PathData::parse($attributes['d'] ?? ''),
                'line' => PathData::parse("M{$n('x1')} {$n('y1')}L{$n('x2')} {$n('y2')}"),
                'polyline' => PathData::parse('M'.($attributes['points'] ?? '')),
                'polygon' => PathData::parse('M'.($attributes['points'] ?? '').'z'),
                'rect' => self::box(new Box($n('x'), $n('y'), $n('width'), $n('height')), $n('rx', $n('ry'))),
                'circle' => self::ellipse($n('cx'), $n('cy'), $n('r'), $n('r')),
                'ellipse' => self::ellipse($n('cx'), $n('cy'), $n('rx'), $n('ry')),
                default => null,
            };
        } catch (InvalidInput) {
            return null;
        }
    }

    /** A rectangle, its corners rounded by so many px at most. */
    public static function box(Box $box, float $radius = 0.0): PathData
    {
        $r = min($radius, $box->width / 2, $box->height / 2);
        if ($r <= 0) {
            return PathData::parse("M{$box->x} {$box->y}H{$box->right()}V{$box->bottom()}H{$box->x}z");
        }
        [$right, $bottom] = [$box->right() - $r, $box->bottom() - $r];
        $arc = fn (float $x, float $y): string => "A{$r} {$r} 0 0 1 {$x} {$y}";

        return PathData::parse('M'.($box->x + $r)." {$box->y}H{$right}{$arc($box->right(), $box->y + $r)}V{$bottom}{$arc($right, $box->bottom())}H".($box->x + $r).$arc($box->x, $bottom).'V'.($box->y + $r).$arc($box->x + $r, $box->y).'z');
    }

    public static function ellipse(float $cx, float $cy, float $rx, float $ry): PathData
    {
        [$left, $right] = [$cx - $rx, $cx + $rx];

        return PathData::parse("M{$left} {$cy}A{$rx} {$ry} 0 0 1 {$right} {$cy}A{$rx} {$ry} 0 0 1 {$left} {$cy}z");
    }

    /**
     * Path data along an ellipse around a middle, as far as it is swept; it begins with a move.
     *
     * @param  float  $start  degrees, clockwise from the top
     * @param  float  $sweep  degrees, clockwise, -360 to 360
     */
    public static function arc(Point $middle, float $rx, float $ry, float $start, float $sweep): string
    {
        // An arc of SVG has two ends, and which of two ways it takes is clear up to half a turn.
        $pieces = max(1, (int) ceil(abs($sweep) / 179));
        $out = '';
        for ($i = 0; $i <= $pieces; $i++) {
            $at = deg2rad($start + $sweep * $i / $pieces);
            $place = Number::text($middle->x + $rx * sin($at)).' '.Number::text($middle->y - $ry * cos($at));
            $out .= $i === 0 ? "M{$place}" : 'A'.Number::text($rx).' '.Number::text($ry).' 0 0 '.($sweep > 0 ? 1 : 0)." {$place}";
        }

        return $out;
    }

    /**
     * A polygon of equal sides in an ellipse, its first point at the top, clockwise; with an inner radius a star.
     *
     * @param  float  $rx  half the width of its box, px
     * @param  float|null  $innerRadius  as a share of the outer one
     */
    public static function star(float $rx, float $ry, int $points, ?float $innerRadius = null): PathData
    {
        $steps = $innerRadius === null ? $points : 2 * $points;
        $segments = [];
        for ($i = 0; $i < $steps; $i++) {
            $share = $i % 2 === 1 ? $innerRadius ?? 1.0 : 1.0;
            $at = 2 * M_PI * $i / $steps;
            $segments[] = [$i === 0 ? 'M' : 'L', [$rx * (1 + $share * sin($at)), $ry * (1 - $share * cos($at))]];
        }

        return PathData::of([...$segments, ['Z', []]]);
    }
}
