<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Missing;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\OtherToken;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;
use Kindred\Property\Stored;

/**
 * Removes a token from the house style. What was bound to it is bound to another one that is named, or keeps its value.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class RemoveToken implements Command
{
    private function __construct(private string $token, private ?string $by)
    {
    }

    public static function type(): string
    {
        return 'remove-token';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('token'), $in->optionalId('by'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE, tokens: [$this->token]);
    }

    public function apply(Tree $tree): Tree
    {
        $tokens = Bindings::tokens($tree);
        $old = $tokens[$this->token] ?? throw Missing::thing('token');
        if ($this->by !== null && ($this->by === $this->token || ! isset($tokens[$this->by]))) {
            throw new InvalidInput('by', 'Choose another token that takes its place. Nothing was changed.');
        }
        if ($this->by !== null && $tokens[$this->by]->value::kind() !== $old->value::kind()) {
            throw new InvalidInput('by', "“{$tokens[$this->by]->name}” is no {$old->value::label()} and cannot take the place of “{$old->name}”. Nothing was changed.");
        }
        $values = array_filter($tree->things(Entity::ThemeValue), fn (Thing $one): bool => $one instanceof ThemeValue);
        foreach ($this->by !== null ? [] : [...array_values($tokens), ...array_values($values)] as $one) {
            // Of a border and its kind only the names of the parts are known: they cannot do without.
            if ($one->value instanceof OtherToken && in_array($this->token, $one->bound, true)) {
                $name = $one instanceof Token ? $one->name : ($tokens[$one->token] ?? null)->name ?? '';
                throw new InvalidInput('by', "“{$name}” has a part of “{$old->name}”. Choose another token that takes its place. Nothing was changed.");
            }
        }
        $rest = array_map($this->without(...), array_diff_key($tokens, [$this->token => true]));
        $own = array_filter($values, fn (ThemeValue $one): bool => $one->token === $this->token);
        $kept = array_map($this->without(...), array_diff_key($values, $own));
        $themes = Themes::of($tree);
        $layers = array_map(fn (Layer $layer): Layer => $this->without(OverrideValues::ofLayer($layer, fn (array $values): array => $this->overrides($tree, $values, $themes->tokensOf($layer)))), $tree->layers);
        $screens = array_map(fn (Screen $screen): Screen => $this->without(OverrideValues::ofSheet($screen, fn (array $values): array => $this->overrides($tree, $values, $themes->tokensOf($screen)))), $tree->screens);

        return $tree->without(Entity::Token, $this->token)->put(Entity::Token, ...array_values($rest))
            ->without(Entity::ThemeValue, ...array_map(strval(...), array_keys($own)))->put(Entity::ThemeValue, ...array_values($kept))
            ->withLayers(...array_values(array_filter($layers, fn (Layer $layer): bool => $layer !== $tree->layers[$layer->id])))
            ->withScreens(...array_values($screens))
            ->withProject($this->without($tree->project));
    }

    public function label(Tree $before): string
    {
        return 'Remove token “'.((Bindings::tokens($before)[$this->token] ?? null)->name ?? 'gone').'”';
    }

    /**
     * What is otherwise in a copy or a state, with the value that it shows where it is bound to the token.
     *
     * @param  Values  $values
     * @param  array<string, Token>  $tokens  as they are there
     * @return Values
     */
    private function overrides(Tree $tree, array $values, array $tokens): array
    {
        foreach ($this->by === null ? $values : [] as $written => $own) {
            $layer = $tree->layers[Address::of((string) $written)->layer] ?? null;
            if ($layer === null) {
                continue;
            }
            foreach (array_filter(OverrideValues::bound($own), fn (array $one): bool => $one[0] === $this->token) as $bound => $_) {
                foreach (array_filter($own, fn (mixed $value, int|string $path): bool => Bindings::governs($bound, (string) $path), ARRAY_FILTER_USE_BOTH) as $path => $value) {
                    $way = Path::of((string) $path);
                    $values[$written][$path] = $way->plain(Bindings::given($way->put($layer, $value), $bound, $tokens[$this->token]));
                }
            }
        }

        return OverrideValues::rebound($values, $this->token, $this->by);
    }

    /**
     * @template T of Layer|Screen|Token|ThemeValue|Project
     *
     * @param  T  $thing
     * @return T
     */
    private function without(Stored $thing): Stored
    {
        foreach (array_keys(Bindings::of($thing), $this->token, true) as $path) {
            $thing = Bindings::bind($thing, $path, $this->by);
        }

        return $thing;
    }
}
