<?php

declare(strict_types=1);

namespace Kindred\Paint\Css;

/** The arguments of a CSS function, taken apart at commas, and each into its words; what stands in brackets stays together. */
final class Arguments
{
    /** What stands in one pair of brackets, with its name before it. */
    private const BRACKETS = '[^\s,()]*(\((?:[^()]++|(?1))*+\))';

    /** @return list<list<string>> */
    public static function of(string $text): array
    {
        preg_match_all('/'.self::BRACKETS.'|[^\s,()]+|,/', $text, $found);
        $out = [[]];
        foreach ($found[0] as $word) {
            if ($word === ',') {
                $out[] = [];
            } else {
                $out[count($out) - 1][] = $word;
            }
        }

        return array_values(array_filter($out, fn (array $words): bool => $words !== []));
    }
}
