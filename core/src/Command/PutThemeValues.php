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
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Gives tokens other values in a theme. A value is typed as `text`, or stands there as that of a token does. */
final readonly class PutThemeValues implements Command
{
    use TypesTokens;

    /** @param  non-empty-array<string, Reader>  $values  by the ids of tokens */
    private function __construct(private string $theme, private array $values)
    {
    }

    public static function type(): string
    {
        return 'put-theme-values';
    }

    public static function read(Reader $in): self
    {
        $values = [];
        foreach ($in->list('values', fn (Reader $one): Reader => $one, 1, Token::MAX) as $one) {
            $values[$one->id('token')] = $one;
        }

        return new self($in->id('theme'), $values === [] ? $in->fail('values', 'a value is expected here') : $values);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE, tokens: array_map(strval(...), array_keys($this->values)));
    }

    public function apply(Tree $tree): Tree
    {
        if (! isset(Themes::of($tree)->all()[$this->theme])) {
            throw Missing::thing('theme');
        }
        $tokens = Bindings::tokens($tree);
        $put = [];
        foreach ($this->values as $id => $in) {
            $token = $tokens[$id] ?? throw Missing::thing('token');
            $given = self::typed($in, $token, $tokens);
            $value = ThemeValue::read(Reader::of(['id' => ThemeValue::idOf($this->theme, $token->id), 'rank' => 'm', 'theme' => $this->theme, 'token' => $token->id] + array_diff_key($given, ['id' => 1, 'rank' => 1]) + ['kind' => $token->value::kind()]));
            if ($value->value::kind() !== $token->value::kind()) {
                throw new InvalidInput('value', "“{$token->name}” is a {$token->value::label()} in every theme. Nothing was changed.");
            }
            $put[] = $value;
        }

        return PutTheme::within($tree->put(Entity::ThemeValue, ...$put));
    }

    public function label(Tree $before): string
    {
        $theme = (Themes::of($before)->all()[$this->theme] ?? null)->name ?? 'gone';
        $named = count($this->values) === 1 ? 'token “'.((Bindings::tokens($before)[array_key_first($this->values)] ?? null)->name ?? 'gone').'”' : count($this->values).' tokens';

        return "Change {$named} in theme “{$theme}”";
    }
}
