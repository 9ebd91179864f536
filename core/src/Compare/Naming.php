<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Kit\Kit;

/** What layers are called in a sentence, and how sentences are put together. */
final class Naming
{
    private const LONGEST = 42;

    private const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** “Pick a firing”, the price list, the button “Book”. */
    public static function of(Layer $layer): string
    {
        $content = $layer->content;
        if ($content instanceof Text) {
            return self::quoted($content->words);
        }
        if ($content instanceof Widget && $content->label !== '' && in_array($layer->name, [Kit::find($content->widget)?->name(), $content->label], true)) {
            return 'the '.self::kind($layer).' '.self::quoted($content->label);
        }

        return 'the '.self::lower($layer->name);
    }

    /** What such a layer is, in one word or two: button, text, status bar. */
    public static function kind(Layer $layer): string
    {
        $content = $layer->content;

        return $content instanceof Widget ? self::lower(Kit::find($content->widget)?->name() ?? 'widget') : $layer->kind();
    }

    public static function quoted(string $words): string
    {
        $words = trim((string) preg_replace('/\s+/u', ' ', $words));

        return '“'.mb_strimwidth($words, 0, self::LONGEST, '…').'”';
    }

    public static function number(int $number): string
    {
        return self::NUMBERS[$number] ?? (string) $number;
    }

    /** “a column”, “two columns”. */
    public static function count(int $number, string $word): string
    {
        return $number === 1 ? self::article($word)." {$word}" : self::number($number).' '.self::plural($word);
    }

    public static function article(string $word): string
    {
        return preg_match('/^[aeiou]/i', $word) === 1 ? 'an' : 'a';
    }

    public static function plural(string $word): string
    {
        return match (true) {
            preg_match('/[^aeiou]y$/', $word) === 1 => substr($word, 0, -1).'ies',
            preg_match('/(s|x|ch|sh)$/', $word) === 1 => $word.'es',
            default => $word.'s',
        };
    }

    /** @param  list<string>  $parts */
    public static function list(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts).' and '.$last;
    }

    /** @param  list<string>  $clauses */
    public static function sentence(string $subject, array $clauses): string
    {
        // “The pots are gone”: a name in the plural has verbs in the plural.
        if (preg_match('/^the .*[^su”]s$|^the .* and all below$/u', $subject) === 1 && preg_match('/[ui]s$/', $subject) !== 1) {
            $clauses = array_map(fn (string $clause): string => (string) preg_replace_callback('/^(now )?(is|has|\p{Ll}+s)\b/u', fn (array $verb): string => $verb[1].match ($verb[2]) {
                'is' => 'are',
                'has' => 'have',
                default => substr($verb[2], 0, -1),
            }, $clause), $clauses);
        }
        $all = $subject.' '.self::list($clauses).'.';

        return mb_strtoupper(mb_substr($all, 0, 1)).mb_substr($all, 1);
    }

    private static function lower(string $name): string
    {
        return preg_match('/^\p{Lu}\p{Ll}/u', $name) === 1 ? mb_strtolower(mb_substr($name, 0, 1)).mb_substr($name, 1) : $name;
    }
}
