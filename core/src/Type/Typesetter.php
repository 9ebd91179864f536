<?php

declare(strict_types=1);

namespace Kindred\Type;

/** Breaks words into lines (Unicode line breaking, UAX #14) and places them with the real font. */
final readonly class Typesetter
{
    public function __construct(public FaceBook $faces)
    {
    }

    /**
     * @param  float|null  $measure  the width to wrap at, in px; null for free text, broken only where the words say so
     */
    public function lay(string $words, TextStyle $style, ?float $measure): LaidText
    {
        $face = $this->faces->face($style->family, $style->weight);
        $width = fn (string $text): float => $face->width($text, $style->letterSpacing) * $style->size;
        $texts = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $style->transform->apply($words))) as $paragraph) {
            array_push($texts, ...($measure === null ? [$paragraph] : $this->wrap($paragraph, $measure, $width)));
        }
        $widths = array_map($width, $texts);
        $room = $measure ?? max($widths);
        $step = $style->size * $style->lineHeight;
        $first = $step / 2 + ($face->ascent() - $face->descent()) / 2 * $style->size;
        $lines = [];
        foreach ($texts as $i => $text) {
            $lines[] = new Line($text, ($room - $widths[$i]) * $style->align->share(), $first + $i * $step, $widths[$i]);
        }

        return new LaidText($lines, $room, $step * count($lines));
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
            if ($width(rtrim($line.$piece, ' ')) <= $measure + 0.001) {
                $line .= $piece;

                continue;
            }
            if ($line !== '') {
                $lines[] = rtrim($line, ' ');
                $line = '';
            }
            if ($width(rtrim($piece, ' ')) > $measure + 0.001) {
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
        $iterator = \IntlBreakIterator::createLineInstance('en');
        if ($iterator === null) {
            throw new \RuntimeException('The line breaking rules of ICU are missing.');
        }
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
            if ($lines[$last] !== '' && $width(rtrim($lines[$last].$cluster, ' ')) > $measure) {
                $lines[] = $cluster;
            } else {
                $lines[$last] .= $cluster;
            }
        }

        return $lines;
    }
}
