<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Missing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Tokens have in a theme the values again that they have without one. */
final readonly class RemoveThemeValues implements Command
{
    /** @param  list<string>  $tokens */
    private function __construct(private string $theme, private array $tokens)
    {
    }

    public static function type(): string
    {
        return 'remove-theme-values';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('theme'), $in->ids('tokens', 1, Token::MAX));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE, tokens: $this->tokens);
    }

    public function apply(Tree $tree): Tree
    {
        $values = array_intersect_key(Themes::of($tree)->values($this->theme), array_flip($this->tokens));

        return $values === [] ? throw Missing::thing('value') : $tree->without(Entity::ThemeValue, ...array_map(fn (ThemeValue $one): string => $one->id, array_values($values)));
    }

    public function label(Tree $before): string
    {
        $named = count($this->tokens) === 1 ? 'token “'.((Bindings::tokens($before)[$this->tokens[0]] ?? null)->name ?? 'gone').'”' : count($this->tokens).' tokens';

        return "Reset {$named} in theme “".((Themes::of($before)->all()[$this->theme] ?? null)->name ?? 'gone').'”';
    }
}
