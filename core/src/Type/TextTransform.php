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

    public function apply(string $text): string
    {
        return match ($this) {
            self::None => $text,
            self::Uppercase => mb_strtoupper($text),
            self::Lowercase => mb_strtolower($text),
            self::Capitalize => (string) preg_replace_callback(
                '/(?<![\p{L}\p{N}\p{M}’\'])\p{L}/u',
                fn (array $match): string => mb_convert_case($match[0], MB_CASE_TITLE),
                $text,
            ),
        };
    }
}
