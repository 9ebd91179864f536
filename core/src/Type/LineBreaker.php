<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Type\Shaping\Clusters;

/**
 * Breaks a paragraph into lines where Unicode allows it (UAX #14); a word wider than the measure is broken between grapheme
 * clusters (`overflow-wrap: anywhere`). Spaces at the end of a line hang: they neither count nor show.
 */
final class LineBreaker
{
    /** What a line may be longer than its measure, px: a browser's layout counts in 64ths. */
    public const HAIR = 1 / 64;

    /**
     * @param  callable(int, int): float  $width  of the bytes from one to before another, px
     * @return non-empty-list<array{int, int}> the lines: from one byte to before another
     */
    public static function lines(string $paragraph, float $measure, callable $width): array
    {
        $lines = [];
        $start = 0;
        $end = 0;
        $fits = fn (int $from, int $to): bool => $width($from, self::trimmed($paragraph, $from, $to)) <= $measure + self::HAIR;
        foreach (self::breaks($paragraph) as $break) {
            if ($fits($start, $break)) {
                $end = $break;

                continue;
            }
            if ($end > $start) {
                $lines[] = [$start, self::trimmed($paragraph, $start, $end)];
                $start = $end;
            }
            $end = $break;
            if (! $fits($start, $break)) {
                $parts = self::clusters($paragraph, $start, $break, $fits);
                [$start] = array_pop($parts);
                foreach ($parts as [$from, $to]) {
                    $lines[] = [$from, $to];
                }
            }
        }
        $lines[] = [$start, self::trimmed($paragraph, $start, strlen($paragraph))];

        return $lines;
    }

    /** Before which byte the spaces at the end begin. */
    private static function trimmed(string $text, int $from, int $to): int
    {
        while ($to > $from && $text[$to - 1] === ' ') {
            $to--;
        }

        return $to;
    }

    /** @return list<int> behind which bytes a line can end */
    private static function breaks(string $paragraph): array
    {
        /** @var \IntlBreakIterator|null $iterator costly to make, and free again after each use */
        static $iterator = null;

        $iterator ??= \IntlBreakIterator::createLineInstance('en') ?? throw new \RuntimeException('The line breaking rules of ICU are missing.');
        $iterator->setText($paragraph);
        $iterator->first();
        $breaks = [];
        while (($at = $iterator->next()) !== \IntlBreakIterator::DONE) {
            $breaks[] = $at;
        }

        return $breaks;
    }

    /**
     * @param  callable(int, int): bool  $fits
     * @return non-empty-list<array{int, int}>
     */
    private static function clusters(string $text, int $from, int $to, callable $fits): array
    {
        $parts = [];
        $start = $at = $from;
        foreach (Clusters::of(substr($text, $from, $to - $from)) as $cluster) {
            $next = $at + strlen($cluster);
            if ($at > $start && $cluster !== ' ' && ! $fits($start, $next)) {
                $parts[] = [$start, $at];
                $start = $at;
            }
            $at = $next;
        }
        $parts[] = [$start, $to];

        return $parts;
    }
}
