<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Geometry\Number;

/**
 * Draws a line of text as one SVG path, for pictures that see no fonts.
 *
 * @phpstan-import-type OutlineTables from FaceSource
 */
final readonly class Outlines
{
    /**
     * @param  OutlineTables  $tables
     * @param  float  $slant  how far the outlines lean to the right, in em for each em of height
     */
    public function __construct(public Face $face, private array $tables, private float $slant = 0.0)
    {
    }

    /**
     * Path data with the baseline starting at x, y (px). Characters without an outline leave their room empty.
     *
     * @param  float  $size  px
     * @param  float  $letterSpacing  em
     */
    public function path(string $text, float $x, float $y, float $size, float $letterSpacing = 0.0): string
    {
        $scale = $size / $this->face->unitsPerEm();
        $ligatures = $letterSpacing === 0.0;
        $characters = mb_str_split($text);
        $advances = $this->face->advances($text, $ligatures);
        $out = '';
        $pen = $x;
        for ($i = 0, $count = count($characters); $i < $count; $i++) {
            [$length, $path] = $this->glyph($characters, $i, $ligatures);
            // A pair adjustment stands in the advance of its second character but moves the second glyph.
            $natural = $this->face->width($characters[$i]) * $this->face->unitsPerEm();
            $kern = $length === 1 ? $advances[$i] - $natural : 0.0;
            $out .= self::placed($path, $pen + $kern * $scale, $y, $scale, $this->slant);
            for ($end = $i + $length; $i < $end; $i++) {
                $pen += $advances[$i] * $scale + $letterSpacing * $size;
            }
            $i--;
        }

        return $out;
    }

    /**
     * @param  list<string>  $characters
     * @return array{int, string} how many characters the glyph stands for, and its path in font units
     */
    private function glyph(array $characters, int $i, bool $ligatures): array
    {
        if ($ligatures && $this->tables['ligatures'] !== []) {
            foreach ([3, 2] as $length) {
                $ligature = $this->tables['ligatures'][implode('', array_slice($characters, $i, $length))] ?? null;
                if ($ligature !== null && $i + $length <= count($characters)) {
                    return [$length, $ligature[1]];
                }
            }
        }

        return [1, $this->tables['glyphs'][mb_ord($characters[$i])] ?? ''];
    }

    /**
     * A glyph where it is drawn: font units run upwards, SVG runs downwards.
     *
     * @param  string  $path  in font units
     * @param  float  $scale  px a unit
     * @param  float  $slant  how far it leans to the right, in em for each em of height
     */
    public static function placed(string $path, float $x, float $y, float $scale, float $slant): string
    {
        preg_match_all('/([A-Za-z])([^A-Za-z]*)/', $path, $segments, PREG_SET_ORDER);
        $out = '';
        foreach ($segments as [, $letter, $numbers]) {
            $out .= $letter;
            preg_match_all('/-?[\d.]+/', $numbers, $found);
            foreach ($found[0] as $i => $number) {
                $value = $i % 2 === 0 ? $x + ((float) $number + $slant * (float) ($found[0][$i + 1] ?? 0)) * $scale : $y - (float) $number * $scale;
                $out .= ($i > 0 ? ' ' : '').Number::text($value);
            }
        }

        return $out;
    }
}
