<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Rank;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Adds tokens to the house style, or changes those properties that are given of tokens that are there. What is bound to a token follows
 * it. A value that is given takes the place of what a token had of others.
 */
final readonly class PutTokens implements Command
{
    use TypesTokens;

    /** What of a token is not its value. */
    private const BESIDE = ['id', 'rank', 'name', 'description', 'bound', 'source', 'more'];

    /**
     * @param  non-empty-array<string, Reader>  $tokens  by id
     * @param  list<Reader>  $groups
     */
    private function __construct(private array $tokens, private array $groups)
    {
    }

    public static function type(): string
    {
        return 'put-tokens';
    }

    public static function read(Reader $in): self
    {
        $tokens = [];
        foreach ($in->list('tokens', fn (Reader $one): Reader => $one, 1, Token::MAX) as $one) {
            $tokens[$one->id('id')] = $one;
        }

        return new self($tokens === [] ? $in->fail('tokens', 'a token is expected here') : $tokens, $in->list('groups', fn (Reader $one): Reader => $one, 0, TokenGroup::MAX));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: [...Themes::HOUSE, Entity::TokenGroup], tokens: array_map(strval(...), array_keys($this->tokens)));
    }

    public function apply(Tree $tree): Tree
    {
        $all = Bindings::tokens($tree);
        $put = [];
        $last = (array_values(array_slice(Token::inOrder($all), -1))[0] ?? null)?->rank;
        foreach ($this->tokens as $id => $in) {
            $rank = ($all[$id] ?? null)->rank ?? $last = Rank::between($last, null);
            $put[$id] = self::token(self::typed($in, $all[$id] ?? null, $all + $put), $all[$id] ?? null, $rank);
        }
        $after = array_replace($all, $put);
        if (count($after) > Token::MAX) {
            throw new InvalidInput('tokens', 'A house style holds at most '.number_format(Token::MAX).' tokens. Nothing was changed.');
        }
        self::mustHaveNames($after);

        $groups = array_map(fn (Reader $one, int $i): TokenGroup => TokenGroup::read(Reader::of($one->raw() + ['rank' => Rank::spread(null, null, $i + 1)[$i]])), $this->groups, array_keys($this->groups));

        return self::ofTheirTypes($tree->put(Entity::Token, ...array_values($put))->put(Entity::TokenGroup, ...$groups), $put);
    }

    public function label(Tree $before): string
    {
        $id = array_key_first($this->tokens);
        $old = Bindings::tokens($before)[$id] ?? null;
        $name = $this->tokens[$id]->has('name') ? $this->tokens[$id]->string('name', Token::MAX_NAME) : $old->name ?? '';

        return match (true) {
            count($this->tokens) > 1 => 'Put '.count($this->tokens).' tokens into the house style',
            $old === null => "Add token “{$name}”",
            $name !== $old->name => "Rename token “{$old->name}” to “{$name}”",
            default => "Change token “{$name}”",
        };
    }

    /**
     * Without what themes say of tokens that are of another type now.
     *
     * @param  array<string, Token>  $put
     */
    private static function ofTheirTypes(Tree $tree, array $put): Tree
    {
        $other = [];
        foreach ($tree->things(Entity::ThemeValue) as $id => $value) {
            if ($value instanceof ThemeValue && isset($put[$value->token]) && $put[$value->token]->value::kind() !== $value->value::kind()) {
                $other[] = $id;
            }
        }

        return $other === [] ? $tree : $tree->without(Entity::ThemeValue, ...$other);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function token(array $given, ?Token $old, string $rank): Token
    {
        return Token::read(Reader::of(self::whole($given, $old) + ['rank' => $rank]));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<array-key, mixed> with what stays of the token that is there
     */
    private static function whole(array $given, ?Token $old): array
    {
        $kept = $old?->toArray() ?? [];
        if (array_diff_key($given, array_flip(self::BESIDE)) !== []) {
            unset($kept['bound'], $kept['source']);
            $kept = isset($given['kind']) && $given['kind'] !== $old?->value::kind() ? array_intersect_key($kept, array_flip(self::BESIDE)) : $kept;
        }

        return $given + $kept;
    }

    /** @param  array<string, Token>  $tokens */
    private static function mustHaveNames(array $tokens): void
    {
        $names = [];
        foreach ($tokens as $token) {
            if (isset($names[$token->name])) {
                throw new InvalidInput('name', "There is a token “{$token->name}” already. Nothing was changed.");
            }
            $names[$token->name] = true;
        }
        foreach ($tokens as $token) {
            foreach ($token->groups() as $group) {
                if (isset($names[$group])) {
                    throw new InvalidInput('name', "“{$group}” is a token, so “{$token->name}” cannot stand in it as in a group. Nothing was changed.");
                }
            }
        }
    }
}
