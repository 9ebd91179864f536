<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Document\Tree;
use Kindred\Paint\Colour;
use Kindred\Paint\Opposite;

/** The values of a theme for the opposite ground, worked out from the colours and gradients that there are. What stands for another token follows it. */
final class Opposing
{
    /**
     * @param  array<string, Token>  $tokens
     * @return array<string, ThemeValue> by the ids of tokens
     */
    public static function values(Tree $tree, string $theme, array $tokens): array
    {
        $opposite = Opposite::of(self::ground($tree, $tokens));
        $values = [];
        foreach ($tokens as $id => $token) {
            $value = isset($token->bound[Token::WHOLE]) ? null : self::value($token->value, $opposite);
            if ($value !== null && $value->toArray() !== $token->value->toArray()) {
                $values[$id] = new ThemeValue(ThemeValue::idOf($theme, $id), 'm', $theme, $id, $value, $token->bound);
            }
        }

        return $values;
    }

    private static function value(TokenValue $value, Opposite $opposite): ?TokenValue
    {
        return match (true) {
            $value instanceof ColourToken => new ColourToken($opposite->colour($value->value)),
            $value instanceof GradientToken => $value->recoloured($opposite->colour(...)),
            default => null,
        };
    }

    /**
     * The background that most screens have.
     *
     * @param  array<string, Token>  $tokens
     */
    private static function ground(Tree $tree, array $tokens): Colour
    {
        $colours = [];
        foreach ($tree->reel() as $screen) {
            $of = $tokens[$screen->bound['ground'] ?? ''] ?? null;
            $colours[] = ($of?->value instanceof ColourToken ? $of->value->value : $screen->ground)->toHex();
        }
        $counts = array_count_values($colours);
        arsort($counts);

        return Colour::parse(array_key_first($counts) ?? '#ffffff');
    }
}
