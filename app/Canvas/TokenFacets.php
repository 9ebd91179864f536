<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Offers;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;

/** What the facets say of the tokens that a selection is bound to, and could be. */
final readonly class TokenFacets
{
    /** @param  array<string, Token>  $tokens  by id */
    private function __construct(private array $tokens)
    {
    }

    /** Tokens as they are where a selection is. */
    public static function in(Project $project, HouseStyle $style, Tree $tree, Layer|Screen|null $thing): self
    {
        return new self(Token::inOrder($style->themes($project, $tree)->tokensOf($thing)));
    }

    /**
     * What layers have bound alike.
     *
     * @param  list<Layer>  $layers
     * @return array<string, array<string, array{name: string, label: string}>> by facet and path
     */
    public function bound(array $layers): array
    {
        $bound = [];
        foreach (Bindings::shared($layers) as $path => $id) {
            if (isset($this->tokens[$id])) {
                $bound[self::facet($path)][$path] = ['name' => $this->tokens[$id]->name, 'label' => self::label($path)];
            }
        }

        return $bound;
    }

    /**
     * The name of the token that the field of each property shows; empty where it has none, but could.
     *
     * @param  list<Layer>  $layers
     * @param  list<string>  $paths
     * @return array<string, string> by path
     */
    public function names(array $layers, array $paths): array
    {
        $shared = Bindings::shared($layers);
        $name = fn (string $path): string => ($this->tokens[$shared[$path] ?? ''] ?? null)->name ?? '';
        $names = [];
        foreach ($layers === [] ? [] : array_filter($paths, Offers::isWorth(...)) as $path) {
            // A paint may be bound as a whole, or its colour.
            $names[$path] = $name($path) ?: $name(str_replace('.paint', '.colour', $path));
        }

        return $names;
    }

    /** @return array<string, string> the names of all tokens that a layer, or a screen, is bound to, by path */
    public function of(Layer|Screen|null $thing): array
    {
        return $thing === null ? [] : array_filter(array_map(fn (string $id): string => ($this->tokens[$id] ?? null)->name ?? '', Bindings::of($thing)));
    }

    /**
     * The tokens of which layers have the very value.
     *
     * @param  list<Layer>  $layers
     * @param  list<string>  $paths  of properties that all of them have alike
     * @return array<string, array<string, array{id: string, name: string, label: string}>> by facet and path
     */
    public function offered(array $layers, array $paths): array
    {
        $offered = [];
        foreach (Offers::of($layers, $paths, $this->tokens) as $path => $token) {
            $offered[self::facet($path)][$path] = ['id' => $token->id, 'name' => $token->name, 'label' => self::label($path)];
        }

        return $offered;
    }

    /**
     * The token of which screens have their background; empty where they have none, or several.
     *
     * @param  list<Screen>  $screens
     */
    public function ground(array $screens): string
    {
        return ($this->tokens[Bindings::shared($screens)['ground'] ?? ''] ?? null)->name ?? '';
    }

    private static function facet(string $path): string
    {
        return $path === 'style' ? 'words' : (Field::find($path)?->facet() ?? 'look');
    }

    private static function label(string $path): string
    {
        return $path === 'style' ? 'type style' : (Field::find($path)?->label() ?? $path);
    }
}
