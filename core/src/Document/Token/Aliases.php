<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Token\Value\OtherToken;
use Kindred\Input\InvalidInput;

/** Tokens whose value, or a part of it, is that of another. */
final class Aliases
{
    /**
     * All tokens with the values that follow from the others.
     *
     * @param  array<string, Token>  $tokens  by id
     * @return array<string, Token>
     *
     * @throws InvalidInput where they lead in a circle
     */
    public static function settled(array $tokens): array
    {
        $done = [];
        foreach (array_keys($tokens) as $id) {
            self::settle($id, $tokens, $done, []);
        }

        return array_replace($tokens, $done);
    }

    /**
     * What has the value of some tokens, through others too.
     *
     * @param  array<Token|ThemeValue>  $tokens  with what themes say of them
     * @param  list<string>  $ids
     * @return list<string> with these
     */
    public static function dependents(array $tokens, array $ids): array
    {
        $by = [];
        foreach ($tokens as $token) {
            foreach (Bindings::of($token) as $named) {
                $by[$named][] = $token instanceof ThemeValue ? $token->token : $token->id;
            }
        }
        $found = [];
        for ($open = $ids; $open !== [];) {
            $id = array_pop($open);
            if (! isset($found[$id])) {
                $found[$id] = $id;
                array_push($open, ...$by[$id] ?? []);
            }
        }

        return array_values($found);
    }

    /**
     * @param  array<string, Token>  $tokens
     * @param  array<string, Token>  $done
     * @param  list<string>  $way  the tokens that led here
     */
    private static function settle(string $id, array $tokens, array &$done, array $way): Token
    {
        if (isset($done[$id])) {
            return $done[$id];
        }
        if (in_array($id, $way, true)) {
            $names = array_map(fn (string $one): string => "“{$tokens[$one]->name}”", [...array_slice($way, (int) array_search($id, $way, true)), $id]);
            throw new InvalidInput('tokens', 'These tokens would stand for each other in a circle: '.implode(' → ', $names).'. Nothing was changed.');
        }
        $token = $tokens[$id];
        foreach (Bindings::of($token) as $path => $target) {
            if (! isset($tokens[$target])) {
                continue;
            }
            $of = self::settle($target, $tokens, $done, [...$way, $id]);
            $token = match (true) {
                $path === Token::WHOLE => $token->with(value: $of->value),
                // Of what nothing is known only the names are kept.
                $token->value instanceof OtherToken => $token,
                default => Bindings::given($token, $path, $of),
            };
        }

        return $done[$id] = $token->value->toArray() === $tokens[$id]->value->toArray() && $token->bound === $tokens[$id]->bound ? $tokens[$id] : $token;
    }
}
