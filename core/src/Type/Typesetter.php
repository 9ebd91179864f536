<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Type\Shaping\Clusters;

/** Breaks words into lines and places them with the real font. */
final readonly class Typesetter
{
    private const ELLIPSIS = '…';

    /** Characters of a line that is cut. */
    private const LONGEST = 300;

    private Compositor $compositor;

    public function __construct(public FaceBook $faces)
    {
        $this->compositor = new Compositor($faces);
    }

    /**
     * Words that are all set alike.
     *
     * @param  float|null  $measure  the width to wrap at, in px; null for free text, broken only where the words say so
     * @param  float|null  $room  the width that free lines are aligned in, in px; null for that of the longest
     */
    public function lay(string $words, TextStyle $style, ?float $measure, ?float $room = null): LaidText
    {
        return $this->set(new Passage($words, $style), $measure, $room);
    }

    /** The same of words with runs and paragraphs, cut after the lines that they may have. */
    public function set(Passage $passage, ?float $measure, ?float $room = null): LaidText
    {
        $passage = str_contains($passage->words, "\r") ? $passage->saying(str_replace(["\r\n", "\r"], "\n", $passage->words)) : $passage;
        $laid = $passage->isPlain() && ! $this->faces->isBeyond($passage->style->transform->apply($passage->words), $passage->style) ? $this->plain($passage->words, $passage->style, $measure, $room) : $this->compositor->set($passage, $measure, $room);

        return $passage->maxLines === null || count($laid->lines) <= $passage->maxLines ? $laid : $this->cut($laid, $passage, $passage->maxLines, $measure, $room);
    }

    /** The width in px of the widest character: what words need that may break anywhere (min-content under `overflow-wrap: anywhere`). */
    public function widestCluster(Passage $passage): float
    {
        $widest = 0.0;
        foreach ($passage->paragraphs() as [$paragraph, $spans]) {
            $indent = $paragraph->indent($passage->style->size);
            foreach ($spans as [$text, $setting]) {
                foreach (array_unique(Clusters::of($text)) as $cluster) {
                    $widest = max($widest, $indent + $this->faces->width($cluster, $setting->style));
                }
            }
        }

        return $widest;
    }

    private function plain(string $words, TextStyle $style, ?float $measure, ?float $room): LaidText
    {
        $face = $this->faces->face($style->family, $style->weight, $style->italic);
        $width = fn (string $text): float => $face->width($text, $style->letterSpacing) * $style->size;
        $texts = [];
        foreach (explode("\n", $style->transform->apply($words)) as $paragraph) {
            // Most words need no breaking at all. (Negative spacing could make the beginning longer than the whole.)
            array_push($texts, ...match (true) {
                $measure === null => [$paragraph],
                $style->letterSpacing >= 0 && $width(rtrim($paragraph, ' ')) <= $measure + LineBreaker::HAIR => [rtrim($paragraph, ' ')],
                default => array_map(
                    fn (array $line): string => substr($paragraph, $line[0], $line[1] - $line[0]),
                    LineBreaker::lines($paragraph, $measure, fn (int $from, int $to): float => $width(substr($paragraph, $from, $to - $from))),
                ),
            });
        }
        $widths = array_map($width, $texts);
        $room = $measure ?? $room ?? max($widths);
        $step = $style->size * $style->lineHeight;
        $capHeight = $face->capHeight() * $style->size;
        $first = $style->trim ? $capHeight : $face->baseline($style->size, $step);
        $lines = [];
        foreach ($texts as $i => $text) {
            $lines[] = new LaidLine($text, max(0.0, $room - $widths[$i]) * $style->align->share(), $first + $i * $step, $widths[$i], ($i + 1) * $step);
        }

        return new LaidText($lines, $room, $style->trim ? $step * (count($lines) - 1) + $capHeight : $step * count($lines));
    }

    /**
     * Only the first lines; the last of them ends with an ellipsis, for which what does not fit beside it goes
     * (CSS Overflow 4, `line-clamp`).
     */
    private function cut(LaidText $laid, Passage $passage, int $max, ?float $measure, ?float $room): LaidText
    {
        if ($measure === null) {
            // Free lines are as many as there are paragraphs.
            $first = implode("\n", array_slice(explode("\n", $passage->words), 0, $max));
            $laid = $this->set($passage->saying($first.self::ELLIPSIS)->with(maxLines: null), null, $room);

            return new LaidText($laid->lines, $laid->width, $laid->height, true);
        }
        $style = $passage->style;
        $last = $laid->lines[$max - 1];
        $ellipsis = $this->faces->width(self::ELLIPSIS, $style);
        $free = $measure - $last->indent - $ellipsis + LineBreaker::HAIR;
        $runs = [];
        $end = 0.0;
        foreach ($last->runs($style) as $run) {
            $kept = $this->fitting($run, $free - ($run->x - $last->x));
            $end = $run->x - $last->x + $kept->width;
            if ($kept->text !== '') {
                $runs[] = $kept;
            }
            if ($kept->text !== $run->text) {
                break;
            }
        }
        $runs[] = new LaidRun(self::ELLIPSIS, $last->x + $end, $ellipsis, new Setting($style));
        $width = $end + $ellipsis;
        $line = new LaidLine(implode('', array_map(fn (LaidRun $run): string => $run->text, $runs)), $last->x, $last->baseline, $width, $last->bottom, $last->indent, $last->runs === [] ? [] : $runs, $last->marker, $last->rightToLeft);
        $lines = [...array_slice($laid->lines, 0, $max - 1), $line->moved($line->begins($measure, $style->align->share()) - $line->x, 0.0)];

        return new LaidText($lines, $measure, $style->trim ? $last->baseline : $last->bottom, true);
    }

    /** As much of the beginning of a run as has room. */
    private function fitting(LaidRun $run, float $room): LaidRun
    {
        $clusters = Clusters::of($run->text);
        $width = $run->width;
        while ($clusters !== [] && $width > $room) {
            array_pop($clusters);
            $width = $this->faces->width(implode('', $clusters), $run->setting->style);
        }

        return new LaidRun(implode('', $clusters), $run->x, $width, $run->setting);
    }

    /** One line of at most 300 characters, cut with an ellipsis where it is wider than a width in px; nothing where not even that fits. */
    public function oneLine(string $words, TextStyle $style, float $width): string
    {
        $fits = fn (string $text): bool => $this->lay($text, $style, null)->width <= $width + 0.5;
        if ($fits(mb_substr($words, 0, self::LONGEST)) && mb_strlen($words) <= self::LONGEST) {
            return $words;
        }
        [$low, $high] = [0, min(self::LONGEST, mb_strlen($words))];
        while ($low < $high) {
            $half = intdiv($low + $high + 1, 2);
            [$low, $high] = $fits(rtrim(mb_substr($words, 0, $half)).self::ELLIPSIS) ? [$half, $high] : [$low, $half - 1];
        }

        return $low === 0 ? '' : rtrim(mb_substr($words, 0, $low)).self::ELLIPSIS;
    }
}
