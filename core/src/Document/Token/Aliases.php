<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

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
     * @param  array<string, Token>  $tokens
     * @param  list<string>  $ids
     * @return list<string> with these
     */
    public static function dependents(array $tokens, array $ids): array
    {
        do {
            $more = array_filter($tokens, fn (Token $token): bool => ! in_array($token->id, $ids, true) && array_intersect(self::named($token), $ids) !== []);
            array_push($ids, ...array_column($more, 'id'));
        } while ($more !== []);

        return $ids;
    }

    /**
     * Whether a token has changed only as others have that it stands for.
     *
     * @param  array<string, Token>  $before
     * @param  array<string, Token>  $after
     */
    public static function follows(string $id, array $before, array $after): bool
    {
        if (! isset($before[$id], $after[$id]) || $before[$id]->bound === []) {
            return false;
        }

        return self::settled(array_replace($after, [$id => $before[$id]]))[$id]->toArray() === $after[$id]->toArray();
    }

    /** @return list<string> the tokens that one has something of */
    public static function named(Token $token): array
    {
        return array_values(array_unique(Bindings::of($token)));
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
            $token = $path === Token::WHOLE ? $token->with(value: $of->value) : Bindings::given($token, $path, $of);
        }

        return $done[$id] = $token->value->toArray() === $tokens[$id]->value->toArray() && $token->bound === $tokens[$id]->bound ? $tokens[$id] : $token;
    }
}
