<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Tree;
use Kindred\Stress\Said;
use Kindred\Stress\Strain;

/** The longest word of each text is longer still: names, places, compounds. */
final class LongWords implements Strain
{
    /** Letters that a long word has at least, and times as many as the word has. */
    private const MIN = 16;

    private const TIMES = 1.6;

    public function key(): string
    {
        return 'long-words';
    }

    public function label(): string
    {
        return 'with long words';
    }

    public function source(): string
    {
        return 'The longest word of each text, made 1.6 times as long, with 16 letters at least: names and compounds come so long';
    }

    public function on(Tree $tree, string $screen): Tree
    {
        return (new Said(self::longer(...)))->on($tree, $screen);
    }

    private static function longer(string $words): string
    {
        // Short ones are abbreviations.
        preg_match_all('/\pL{5,}/u', $words, $found);
        $longest = array_reduce($found[0], fn (string $longest, string $one): string => mb_strlen($one) > mb_strlen($longest) ? $one : $longest, '');
        if ($longest === '') {
            return $words;
        }
        $length = (int) max(self::MIN, round(mb_strlen($longest) * self::TIMES));
        $long = mb_substr($longest.str_repeat(mb_strtolower($longest), 8), 0, $length);
        $at = (int) mb_strpos($words, $longest);

        return mb_substr($words, 0, $at).$long.mb_substr($words, $at + mb_strlen($longest));
    }
}
