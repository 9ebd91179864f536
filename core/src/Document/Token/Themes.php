<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Tree;

/** The tokens of a document with the values that they have in each theme, and which theme a screen shows. */
final class Themes
{
    /** What tells the values of tokens. */
    public const HOUSE = [Entity::Token, Entity::Theme, Entity::ThemeValue];

    /** @var array<string, array<string, Token>> by theme; an empty name for none */
    private array $tokens = [];

    private function __construct(private readonly Tree $tree)
    {
    }

    public static function of(Tree $tree): self
    {
        return new self($tree);
    }

    /** @return array<string, Theme> by id, in their order */
    public function all(): array
    {
        $themes = array_filter($this->tree->things(Entity::Theme), fn (Thing $one): bool => $one instanceof Theme);
        uasort($themes, Rank::compare(...));

        return $themes;
    }

    /** @return array<string, ThemeValue> what a theme says, by the ids of tokens */
    public function values(string $theme): array
    {
        $values = [];
        foreach ($this->tree->things(Entity::ThemeValue) as $one) {
            if ($one instanceof ThemeValue && $one->theme === $theme) {
                $values[$one->token] = $one;
            }
        }

        return $values;
    }

    /** The id of the theme that a screen shows, or the screen of a layer, or the project; empty for none. */
    public function at(Layer|Screen|Project|null $thing): string
    {
        $thing = $thing instanceof Project ? null : $thing;
        $screen = $thing instanceof Layer ? $this->tree->screens[$thing->screen ?? ''] ?? $this->tree->gone[$thing->screen ?? ''] ?? null : $thing;
        $theme = $screen->theme ?? $this->tree->project->theme ?? '';

        return isset($this->tree->things(Entity::Theme)[$theme]) ? $theme : '';
    }

    /**
     * All tokens as they are in a theme.
     *
     * @param  string  $theme  empty for none
     * @return array<string, Token> by id
     *
     * @throws \Kindred\Input\InvalidInput where tokens lead in a circle
     */
    public function tokens(string $theme = ''): array
    {
        return $this->tokens[$theme] ??= $this->settled($theme);
    }

    /** @return array<string, Token> as they are where a thing is */
    public function tokensOf(Layer|Screen|Project|null $thing): array
    {
        return $this->tokens($this->at($thing));
    }

    /** A document of which all screens show one theme. */
    public static function shown(Tree $tree, string $theme): Tree
    {
        $one = isset($tree->things(Entity::Theme)[$theme]) ? $theme : null;

        return Bindings::after($tree, $tree->withProject($tree->project->with(theme: $one))->withScreens(...array_map(fn (Screen $screen): Screen => $screen->with(theme: null), array_values($tree->screens))));
    }

    /** Whether things may show several themes. */
    public static function differ(Tree $tree, bool $loose = false): bool
    {
        $shown = array_map(fn (Screen $screen): string => $screen->theme ?? $tree->project->theme ?? '', array_values($tree->screens + $tree->gone));

        return count(array_unique([...$shown, ...($loose ? [$tree->project->theme ?? ''] : [])])) > 1;
    }

    /** @return array<string, Token> */
    private function settled(string $theme): array
    {
        $tokens = Bindings::tokens($this->tree);
        if ($theme === '') {
            return $tokens;
        }
        foreach ($this->values($theme) as $id => $value) {
            if (isset($tokens[$id])) {
                $tokens[$id] = $tokens[$id]->with(value: $value->value, bound: $value->bound, source: $value->source);
            }
        }

        return Aliases::settled($tokens);
    }
}
