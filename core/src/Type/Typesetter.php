<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Breaks words into lines (Unicode line breaking, UAX #14) and places them with the real font. */
final readonly class Typesetter
{
    /** What a line may be longer than its measure, px: a browser's layout counts in 64ths. */
    private const HAIR = 1 / 64;

    public function __construct(public FaceBook $faces)
    {
    }

    /**
     * @param  float|null  $measure  the width to wrap at, in px; null for free text, broken only where the words say so
     * @param  float|null  $room  the width that free lines are aligned in, in px; null for that of the longest
     */
    public function lay(string $words, TextStyle $style, ?float $measure, ?float $room = null): LaidText
    {
        $face = $this->faces->face($style->family, $style->weight, $style->italic);
        $width = fn (string $text): float => $face->width($text, $style->letterSpacing) * $style->size;
        $texts = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $style->transform->apply($words))) as $paragraph) {
            // Most words need no breaking at all. (Negative spacing could make the beginning longer than the whole.)
            array_push($texts, ...match (true) {
                $measure === null => [$paragraph],
                $style->letterSpacing >= 0 && $width(rtrim($paragraph, ' ')) <= $measure + self::HAIR => [rtrim($paragraph, ' ')],
                default => $this->wrap($paragraph, $measure, $width),
            });
        }
        $widths = array_map($width, $texts);
        $room = $measure ?? $room ?? max($widths);
        $step = $style->size * $style->lineHeight;
        $capHeight = $face->capHeight() * $style->size;
        $first = $style->trim ? $capHeight : $this->baseline($face, $style->size, $step);
        $lines = [];
        foreach ($texts as $i => $text) {
            $lines[] = new LaidLine($text, max(0.0, $room - $widths[$i]) * $style->align->share(), $first + $i * $step, $widths[$i]);
        }

        return new LaidText($lines, $room, $style->trim ? $step * (count($lines) - 1) + $capHeight : $step * count($lines));
    }

    /**
     * How far the first baseline lies below the top of its line, in px, by the whole px to which Chromium
     * rounds a face's ascent and descent: so that words stand where a page of HTML would set them.
     */
    private function baseline(Face $face, float $size, float $lineHeight): float
    {
        $ascent = round($face->ascent() * $size);
        $descent = round($face->descent() * $size);
        if ($descent < $face->descent() * $size && $ascent >= 1) {
            $ascent--;
            $descent++;
        }

        return $ascent + floor(($lineHeight - $ascent - $descent) / 2);
    }

    /** The width in px of the widest character: what words need that may break anywhere (min-content under `overflow-wrap: anywhere`). */
    public function widestCluster(string $words, TextStyle $style): float
    {
        $face = $this->faces->face($style->family, $style->weight, $style->italic);
        preg_match_all('/\X/u', $style->transform->apply($words), $found);
        $widest = 0.0;
        foreach (array_unique($found[0]) as $cluster) {
            $widest = max($widest, $face->width($cluster, $style->letterSpacing) * $style->size);
        }

        return $widest;
    }

    /**
     * Spaces at the end of a line hang: they neither count nor show. A word wider than the measure
     * is broken between grapheme clusters (`overflow-wrap: anywhere`).
     *
     * @param  callable(string): float  $width
     * @return non-empty-list<string>
     */
    private function wrap(string $paragraph, float $measure, callable $width): array
    {
        $lines = [];
        $line = '';
        foreach ($this->pieces($paragraph) as $piece) {
            if ($width(rtrim($line.$piece, ' ')) <= $measure + self::HAIR) {
                $line .= $piece;

                continue;
            }
            if ($line !== '') {
                $lines[] = rtrim($line, ' ');
                $line = '';
            }
            if ($width(rtrim($piece, ' ')) > $measure + self::HAIR) {
                $parts = $this->clusters($piece, $measure, $width);
                $line = array_pop($parts);
                array_push($lines, ...$parts);
            } else {
                $line = $piece;
            }
        }
        $lines[] = rtrim($line, ' ');

        return $lines;
    }

    /** @return list<string> the paragraph cut at every allowed break */
    private function pieces(string $paragraph): array
    {
        /** @var \IntlBreakIterator|null $iterator costly to make, and free again after each use */
        static $iterator = null;

        $iterator ??= \IntlBreakIterator::createLineInstance('en') ?? throw new \RuntimeException('The line breaking rules of ICU are missing.');
        $iterator->setText($paragraph);
        $pieces = [];
        $from = $iterator->first();
        while (($at = $iterator->next()) !== \IntlBreakIterator::DONE) {
            $pieces[] = substr($paragraph, $from, $at - $from);
            $from = $at;
        }

        return $pieces;
    }

    /**
     * @param  callable(string): float  $width
     * @return non-empty-list<string>
     */
    private function clusters(string $word, float $measure, callable $width): array
    {
        preg_match_all('/\X/u', $word, $found);
        $lines = [''];
        foreach ($found[0] as $cluster) {
            $last = count($lines) - 1;
            if ($lines[$last] !== '' && $cluster !== ' ' && $width(rtrim($lines[$last].$cluster, ' ')) > $measure + self::HAIR) {
                $lines[] = $cluster;
            } else {
                $lines[$last] .= $cluster;
            }
        }

        return $lines;
    }
}
