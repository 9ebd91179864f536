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
}
