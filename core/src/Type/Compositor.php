<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Type\Shaping\Order;

/**
 * Sets words whose runs and paragraphs are set in ways of their own, as CSS sets inline boxes in blocks: on one baseline,
 * each line as high as the highest of what is on it and of an empty piece of the text itself (CSS 2, section 10.8).
 *
 * A span is some words, how they are set, from which byte of their paragraph to before which they stand, and their embedding level: a span is
 * read in one direction.
 *
 * @phpstan-type Span array{string, Setting, int, int, int}
 */
final readonly class Compositor
{
    /** Bytes of a paragraph that is worth being measured in advance. */
    private const LONG = 300;

    /** How far off what is measured in advance may be, as a share. */
    private const DOUBT = 0.002;

    /** So many characters before one have a say in where it stands: those of a ligature of three. */
    private const CONTEXT = 3;

    public function __construct(private FaceBook $faces)
    {
    }

    /**
     * @param  float|null  $measure  the width to wrap at, in px; null for free text
     * @param  float|null  $room  the width that free lines are aligned in, in px; null for that of the longest
     */
    public function set(Passage $passage, ?float $measure, ?float $room): LaidText
    {
        $style = $passage->style;
        $paragraphs = $passage->paragraphs();
        $markers = Paragraph::markers(array_map(fn (array $one): Paragraph => $one[0], $paragraphs));
        $lines = [];
        $widest = $y = 0.0;
        foreach ($paragraphs as $i => [$paragraph, $words]) {
            $y += $i > 0 ? Paragraph::between($paragraphs[$i - 1][0], $paragraph) : 0.0;
            $indent = $paragraph->indent($style->size);
            $spans = $this->spans($words);
            $whole = implode('', array_column($spans, 0));
            $scripts = $this->faces->scripts($whole);
            // The first letter says how a paragraph is read (UAX 9, P2 and P3): nothing of one from right to left is of level 0.
            $levels = array_column($spans, 4);
            $rightToLeft = $whole !== '' && $levels !== [] && min($levels) > 0;
            $broken = $this->lines($spans, $scripts, $measure === null ? null : max(1.0, $measure - $indent));
            foreach ($broken as $n => [$from, $to]) {
                [$runs, $width] = $this->runs($spans, $scripts, $from, $to);
                // Spaces that hang behind a line count for its height.
                [$above, $below] = $this->extent($this->runs($spans, $scripts, $from, $broken[$n + 1][0] ?? PHP_INT_MAX)[0], $style);
                $text = substr($whole, $from, $to - $from);
                $marker = $n === 0 && $markers[$i] !== '' ? $this->marker($paragraph, $markers[$i], $spans[0][1] ?? new Setting($style), $style->size, $rightToLeft ? $width : null) : null;
                $lines[] = new LaidLine($text, 0.0, $y + $above, $width, $y + $above + $below, $indent, $runs, $marker, $rightToLeft);
                $widest = max($widest, $indent + $width);
                $y += $above + $below;
            }
        }
        $room = $measure ?? $room ?? $widest;
        $first = $style->trim ? $this->faces->face($style->family, $style->weight, $style->italic)->capHeight() * $style->size - $lines[0]->baseline : 0.0;
        $placed = array_map(fn (LaidLine $line): LaidLine => $line->moved($line->begins($room, $style->align->share()), $first), $lines);

        return new LaidText($placed, $room, $style->trim ? $placed[count($placed) - 1]->baseline : $y);
    }

    /**
     * @param  list<array{string, Setting}>  $words
     * @return list<Span>
     */
    private function spans(array $words): array
    {
        $levels = $this->faces->levels(implode('', array_column($words, 0)));
        $at = $character = 0;
        $spans = [];
        foreach ($words as [$text, $setting]) {
            foreach ($levels === [] ? [[$text, 0]] : self::levelled($text, array_slice($levels, $character, mb_strlen($text))) as [$part, $level]) {
                $spans[] = [$part, $setting, $at, $at + strlen($part), $level];
                $at += strlen($part);
            }
            $character += mb_strlen($text);
        }

        return $spans;
    }

    /**
     * Words by their embedding levels.
     *
     * @param  list<int>  $levels  of each character
     * @return list<array{string, int}>
     */
    private static function levelled(string $text, array $levels): array
    {
        $parts = [];
        foreach (mb_str_split($text) as $i => $character) {
            $last = count($parts) - 1;
            if ($last >= 0 && $parts[$last][1] === $levels[$i]) {
                $parts[$last][0] .= $character;
            } else {
                $parts[] = [$character, $levels[$i]];
            }
        }

        return $parts;
    }

    /**
     * @param  list<Span>  $spans  of a paragraph
     * @param  array<int, int>  $scripts  of its clusters, by the byte they begin with
     * @return non-empty-list<array{int, int}> from one byte to before another
     */
    private function lines(array $spans, array $scripts, ?float $measure): array
    {
        $text = implode('', array_column($spans, 0));
        if ($measure === null) {
            return [[0, strlen($text)]];
        }

        $exact = function (int $from, int $to) use ($spans, $scripts): float {
            [$runs, $width] = $this->runs($spans, $scripts, $from, $to);
            $sum = 0.0;
            foreach ($runs as $i => $run) {
                // A browser rounds each run up to its 64ths of a px before it asks whether there is room for all.
                $sum += ceil((($runs[$i + 1]->x ?? $width) - $run->x) / LineBreaker::HAIR - 1e-6) * LineBreaker::HAIR;
            }

            return $sum;
        };
        if ($scripts === [] || strlen($text) < self::LONG) {
            return LineBreaker::lines($text, $measure, $exact);
        }
        // What has to be shaped is shaped as a whole once: only where it comes near to the measure it is asked again how wide a line is.
        [$reached, $near] = $this->reached($spans, $scripts, strlen($text));

        return LineBreaker::lines($text, $measure, function (int $from, int $to) use ($exact, $reached, $near, $measure): float {
            $about = $reached[$to] - $reached[$from];

            return abs($about - $measure) > $near + $about * self::DOUBT ? $about : $exact($from, $to);
        });
    }

    /**
     * About how far the pen has come before each byte of a paragraph, px, and how large the largest of its words are.
     *
     * @param  list<Span>  $spans
     * @param  array<int, int>  $scripts
     * @return array{list<float>, float}
     */
    private function reached(array $spans, array $scripts, int $length): array
    {
        $steps = [];
        $largest = 0.0;
        foreach ($spans as [$part, $setting, $from, , $level]) {
            foreach ($this->faces->steps($part, $setting->style, $scripts[$from] ?? 0, $level % 2 === 1) as $at => $step) {
                $steps[$from + $at] = $step;
            }
            $largest = max($largest, $setting->style->size);
        }
        $reached = [];
        $pen = 0.0;
        for ($byte = 0; $byte <= $length; $byte++) {
            $reached[] = $pen;
            $pen += $steps[$byte] ?? 0.0;
        }

        return [$reached, 2 * $largest];
    }

    /**
     * A part of a paragraph on one line, from its left edge. Words of one face are kerned with each other over changes of
     * colour, as a browser does it.
     *
     * @param  list<Span>  $spans
     * @param  array<int, int>  $scripts  of the clusters of the paragraph, by the byte they begin with
     * @return array{list<LaidRun>, float} and how wide it is, px
     */
    private function runs(array $spans, array $scripts, int $from, int $to): array
    {
        $runs = $levels = [];
        $pen = 0.0;
        $tail = '';
        $face = null;
        $script = $behind = 0;
        for ($i = self::at($spans, $from), $count = count($spans); $i < $count && $spans[$i][2] < $to; $i++) {
            [$text, $setting, $first, $end, $level] = $spans[$i];
            $part = substr($text, max(0, $from - $first), max(0, min($end, $to) - max($first, $from)));
            if ($part === '') {
                continue;
            }
            $script = $scripts[max($from, $first)] ?? $script;
            $alone = $this->faces->width($part, $setting->style, $script, $level % 2 === 1);
            if ($setting->face() !== $face) {
                [$tail, $face] = ['', $setting->face()];
            }
            $pen += $tail === '' ? $alone : $this->faces->width($tail.$part, $setting->style, $behind) - $this->faces->width($tail, $setting->style, $behind);
            $runs[] = new LaidRun($part, $pen - $alone, $alone, $setting, $level % 2 === 1, $script);
            $behind = $tail === '' ? $script : $behind;
            $levels[] = $level;
            $tail = mb_substr($tail.$part, -self::CONTEXT);
        }

        return max([0, ...$levels]) === 0 ? [$runs, $pen] : self::seen($runs, $levels);
    }

    /**
     * Runs in the order in which they are seen, from the left edge.
     *
     * @param  list<LaidRun>  $runs
     * @param  list<int>  $levels
     * @return array{list<LaidRun>, float}
     */
    private static function seen(array $runs, array $levels): array
    {
        $seen = [];
        $pen = 0.0;
        foreach (Order::seen($levels) as $i) {
            $seen[] = $runs[$i]->moved($pen - $runs[$i]->x);
            $pen += $runs[$i]->width;
        }

        return [$seen, $pen];
    }

    /**
     * Which span holds a byte, or is the first after it: they lie one after another.
     *
     * @param  list<Span>  $spans
     */
    private static function at(array $spans, int $byte): int
    {
        [$low, $high] = [0, count($spans)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $spans[$middle][3] > $byte ? [$low, $middle] : [$middle + 1, $high];
        }

        return $low;
    }

    /**
     * How far a line reaches above and below its baseline, px.
     *
     * @param  list<LaidRun>  $runs
     * @return array{float, float}
     */
    private function extent(array $runs, TextStyle $style): array
    {
        $above = $below = -INF;
        foreach ([$style, ...array_map(fn (LaidRun $run): TextStyle => $run->setting->style, $runs)] as $one) {
            $height = $one->size * $one->lineHeight;
            $ascent = $this->faces->face($one->family, $one->weight, $one->italic)->baseline($one->size, $height);
            [$above, $below] = [max($above, $ascent), max($below, $height - $ascent)];
        }

        return [$above, $below];
    }

    /**
     * What stands before the words of a list, set as they are but for lines and links, from where they begin.
     *
     * @param  float|null  $after  how wide words are that are read from right to left: it stands after them then
     */
    private function marker(Paragraph $paragraph, string $text, Setting $beside, float $size, ?float $after): LaidRun
    {
        // The point of a number stands on the side of the words.
        $text = $after !== null && $paragraph->list === ListMarker::Number ? '.'.substr($text, 0, -1) : $text;
        $setting = new Setting($beside->style->with(decoration: TextDecoration::None), $beside->colour);
        $width = $this->faces->width($text, $setting->style);

        return new LaidRun($text, $after === null ? -Paragraph::hangs($size, $width) : $after + Paragraph::hangs($size, 0.0), $width, $setting);
    }
}
