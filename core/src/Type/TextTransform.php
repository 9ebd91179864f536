<?php

declare(strict_types=1);

namespace Kindred\Type;

/** CSS Text 3, `text-transform`. */
enum TextTransform: string
{
    case None = 'none';
    case Uppercase = 'uppercase';
    case Lowercase = 'lowercase';
    case Capitalize = 'capitalize';

    /** After which a letter is not the first of a word. */
    private const WITHIN = '[\p{L}\p{N}\p{M}’\']';

    public function apply(string $text): string
    {
        return match ($this) {
            self::None => $text,
            self::Uppercase => mb_strtoupper($text),
            self::Lowercase => mb_strtolower($text),
            self::Capitalize => (string) preg_replace_callback(
                '/(?<!'.self::WITHIN.')\p{L}/u',
                fn (array $match): string => mb_convert_case($match[0], MB_CASE_TITLE),
                $text,
            ),
        };
    }

    /**
     * The same of the characters of a text, each by itself: one may become several.
     *
     * @param  list<string>  $characters
     * @return list<string>
     */
    public function pieces(array $characters): array
    {
        return match ($this) {
            self::None => $characters,
            self::Uppercase, self::Lowercase => array_map($this->apply(...), $characters),
            self::Capitalize => $this->capitalized($characters),
        };
    }

    /**
     * @param  list<string>  $characters
     * @return list<string>
     */
    private function capitalized(array $characters): array
    {
        foreach ($characters as $i => $character) {
            $characters[$i] = $i > 0 && preg_match('/^'.self::WITHIN.'/u', $characters[$i - 1]) === 1 ? $character : $this->apply($character);
        }

        return $characters;
    }
}
