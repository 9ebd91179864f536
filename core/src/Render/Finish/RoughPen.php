<?php

declare(strict_types=1);

namespace Kindred\Render\Finish;

use Kindred\Geometry\PathData;

/**
 * Draws outlines the way a hand does: every edge twice, a little off and a little bowed. The same seed always draws
 * the same, in every picture and export. A generator only; what draws its result is elsewhere.
 *
 * @phpstan-import-type Segment from PathData
 */
final class RoughPen
{
    /** The most that a point is off, px; less on small shapes. */
    private const OFF = 1.1;

    /** Smaller shapes are drawn with one stroke, because two would smear, px. */
    private const SINGLE = 12.0;

    /** How far an edge bows, as a share of its length, and at most, px. */
    private const BOW = 0.012;

    private const MOST_BOW = 2.4;

    /** A curve that ends within this distance is drawn as a corner, px. */
    private const TURN = 5.0;

    private int $state;

    public function __construct(string $seed)
    {
        // The state must never be 0. The first number is dropped: similar seeds give similar ones.
        $this->state = 1 + crc32($seed) % 2_147_483_646;
        $this->chance();
    }

    /**
     * The two strokes along a path, as path data; the second is empty for what is very small. Numbers are kept short: a
     * wall may hold ten thousand of these.
     *
     * @param  float  $size  of what is drawn, px: small things are drawn with a calmer hand
     * @return array{string, string}
     */
    public function strokes(PathData $path, float $size): array
    {
        $off = self::OFF * min(1.0, max(0.16, $size / 60));

        return [$this->stroke($path, $off), $size < self::SINGLE ? '' : $this->stroke($path, $off)];
    }

    private function stroke(PathData $path, float $off): string
    {
        $out = '';
        [$x, $y, $startX, $startY] = [0.0, 0.0, 0.0, 0.0];
        foreach ($path->segments as [$letter, $n]) {
            if ($letter === 'M') {
                [$x, $y] = [$startX, $startY] = $n;
                $out .= $this->piece('M', $off, $x, $y);
            } elseif ($letter === 'C') {
                $out .= hypot($n[4] - $x, $n[5] - $y) < self::TURN ? $this->piece('L', $off, $n[4], $n[5]) : $this->piece('C', $off, ...$n);
                [$x, $y] = [$n[4], $n[5]];
            } else {
                [$toX, $toY] = $letter === 'Z' ? [$startX, $startY] : $n;
                $out .= $this->edge($x, $y, $toX, $toY, $off);
                [$x, $y] = [$toX, $toY];
            }
        }

        return $out;
    }

    /** A straight edge as a hand draws it: bowed to one side, and ending a little off. */
    private function edge(float $x, float $y, float $toX, float $toY, float $off): string
    {
        $length = hypot($toX - $x, $toY - $y);
        if ($length < 0.01) {
            return '';
        }
        // Too short to bow.
        if ($length < 1 / self::BOW / 4) {
            return $this->piece('L', $off, $toX, $toY);
        }
        // A parabola reaches half way to its control point, which lies somewhere about the middle.
        $bow = 2 * min(self::MOST_BOW, $length * self::BOW) * $this->chance();
        $share = 0.5 + 0.18 * $this->chance();
        $midX = $x + ($toX - $x) * $share - ($toY - $y) / $length * $bow;
        $midY = $y + ($toY - $y) * $share + ($toX - $x) / $length * $bow;

        // Where it is pulled to, a bow shows no tenths.
        return 'Q'.self::joined(round($midX), round($midY)).$this->piece(' ', $off, $toX, $toY);
    }

    /** A letter, and numbers near those that are given. */
    private function piece(string $letter, float $off, float ...$values): string
    {
        $out = self::joined(...array_map(fn (float $value): float => round($value + $off * $this->chance(), 1), $values));

        return $letter === ' ' && $out[0] === '-' ? $out : $letter.$out;
    }

    /** Numbers as short as path data can be (SVG 2, 9.3.9): `.4-3` instead of `0.4 -3`. */
    private static function joined(float ...$numbers): string
    {
        $out = '';
        foreach ($numbers as $number) {
            $text = abs($number) < 1 ? str_replace('0.', '.', (string) $number) : (string) $number;
            $out .= ($out === '' || $text[0] === '-' ? '' : ' ').$text;
        }

        return $out;
    }

    /** From -1 to 1 (the multiplicative generator of Park and Miller, 1988, with their multiplier of 1993). */
    private function chance(): float
    {
        $this->state = $this->state * 48_271 % 2_147_483_647;

        return $this->state / 1_073_741_823.5 - 1;
    }
}
