<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\OtherToken;
use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Geometry\Number;

/** Tokens as CSS custom properties (CSS Custom Properties 1). A token that stands for another is `var()` of it. */
final class TokenCss
{
    /** @param  array<string, Token>  $tokens  by id */
    public static function write(array $tokens): string
    {
        $tokens = Token::inOrder($tokens);
        $names = self::names($tokens);
        $lines = [];
        foreach ($tokens as $id => $token) {
            $of = $token->bound[Token::WHOLE] ?? null;
            $css = $of !== null && isset($names[$of]) ? "var({$names[$of]})" : $token->value->css();
            if ($token->value instanceof OtherToken) {
                continue;
            }
            $lines[] = ($token->description === '' ? '' : '    /* '.str_replace('*/', '* /', (string) preg_replace('/\s+/', ' ', $token->description))." */\n")."    {$names[$id]}: {$css};";
            if ($token->value instanceof TypographyToken && $token->value->style->letterSpacing !== 0.0) {
                $lines[] = "    {$names[$id]}-letter-spacing: ".Number::text($token->value->style->letterSpacing).'em;';
            }
        }

        return ":root {\n".implode("\n", $lines)."\n}\n";
    }

    /**
     * @param  array<string, Token>  $tokens
     * @return array<string, string> names of custom properties by id, each once
     */
    public static function names(array $tokens): array
    {
        $names = [];
        foreach ($tokens as $id => $token) {
            $base = '--'.strtolower(trim((string) preg_replace('/[^\p{L}\p{N}_]+/u', '-', $token->name), '-'));
            $same = count(array_filter($names, fn (string $name): bool => $name === $base || preg_match('/^'.preg_quote($base, '/').'-\d+$/D', $name) === 1));
            $names[$id] = $same === 0 ? $base : "{$base}-".($same + 1);
        }

        return $names;
    }
}
