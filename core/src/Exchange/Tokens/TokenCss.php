<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Token\Aliases;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\OtherToken;
use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Geometry\Number;

/**
 * Tokens as CSS custom properties (CSS Custom Properties 1). A token that stands for another is `var()` of it. What a theme says otherwise
 * holds inside what has its name as `data-theme`.
 */
final class TokenCss
{
    public static function write(Themes $themes): string
    {
        $names = self::names(Token::inOrder($themes->tokens()));
        $css = ":root {\n".self::lines(Token::inOrder($themes->tokens()), $names)."}\n";
        $written = [];
        foreach ($themes->all() as $id => $theme) {
            $name = trim(mb_strtolower((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $theme->name)), '-');
            $name = $name === '' ? 'theme' : $name;
            $written[$name] = ($written[$name] ?? 0) + 1;
            $name .= $written[$name] === 1 ? '' : "-{$written[$name]}";
            $lines = self::lines(self::saying($themes, $id), $names);
            $css .= $lines === '' ? '' : "\n[data-theme=\"{$name}\"] {\n{$lines}}\n";
        }

        return $css;
    }

    /** @return array<string, Token> what a theme says, and what stands for it: a custom property is worked out where it is declared */
    private static function saying(Themes $themes, string $theme): array
    {
        $tokens = $themes->tokens($theme);

        return array_intersect_key(Token::inOrder($tokens), array_flip(Aliases::dependents($tokens, array_keys($themes->values($theme)))));
    }

    /**
     * @param  array<string, Token>  $tokens  by id
     * @param  array<string, string>  $names
     */
    private static function lines(array $tokens, array $names): string
    {
        $lines = '';
        foreach ($tokens as $id => $token) {
            $of = $token->bound[Token::WHOLE] ?? null;
            $css = $of !== null && isset($names[$of]) ? "var({$names[$of]})" : $token->value->css();
            if ($token->value instanceof OtherToken) {
                continue;
            }
            $lines .= ($token->description === '' ? '' : '    /* '.str_replace('*/', '* /', (string) preg_replace('/\s+/', ' ', $token->description))." */\n")."    {$names[$id]}: {$css};\n";
            if ($token->value instanceof TypographyToken && $token->value->style->letterSpacing !== 0.0) {
                $lines .= "    {$names[$id]}-letter-spacing: ".Number::text($token->value->style->letterSpacing)."em;\n";
            }
        }

        return $lines;
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
