<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/**
 * Binds to a colour of the house style all that has this very colour in the project and is bound to nothing. Locked layers too: the look stays.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class AdoptToken implements Command
{
    /** @param  string  $colour  hex, as the token has it */
    private function __construct(private string $token, private string $colour)
    {
    }

    public static function type(): string
    {
        return 'adopt-token';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('token'), Colour::parse($in->string('colour', 9), $in->at('colour'))->toHex());
    }

    public function workingSet(): WorkingSet
    {
        return self::having($this->colour);
    }

    /**
     * What is needed to know what has a colour.
     *
     * @param  string  $colour  hex
     */
    public static function having(string $colour): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE, written: ["colour\":\"{$colour}\""]);
    }

    public function apply(Tree $tree): Tree
    {
        $token = Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        if (! $token->value instanceof ColourToken || ! self::isColour($token, $this->colour)) {
            throw new InvalidInput('colour', "“{$token->name}” has another colour by now. Nothing was changed.");
        }
        [$layers, $screens] = self::adopting($tree, $token, $token->value->value);

        return $layers === [] && $screens === [] ? throw new InvalidInput('token', "Nothing else has the colour of “{$token->name}”. Nothing was changed.") : $tree->withLayers(...$layers)->withScreens(...$screens);
    }

    /**
     * What has a colour and is bound to nothing, bound to a token that has it: layers, screens by their background, and the sheets of components
     * by their states. Where a theme gives the token another colour all stays, for the look would change.
     *
     * @return array{list<Layer>, list<Screen>}
     */
    public static function adopting(Tree $tree, Token $token, Colour $colour): array
    {
        $themes = Themes::of($tree);
        $stays = fn (Layer|Screen $one): bool => ! self::isColour($themes->tokensOf($one)[$token->id] ?? $token, $colour->toHex());
        $layers = $screens = [];
        foreach ($tree->layers as $layer) {
            if ($stays($layer)) {
                continue;
            }
            $new = self::adopted($layer, $token, self::paths($layer, $colour));
            // What cells of an array have for themselves follows no token.
            $new = ! $new->content instanceof Expanding || ! $new->content::followsTokens() ? $new : OverrideValues::ofLayer($new, fn (array $values): array => self::overrides($tree, $values, $token, $colour));
            $layers = $new === $layer ? $layers : [...$layers, $new];
        }
        foreach ($tree->screens as $screen) {
            if ($stays($screen)) {
                continue;
            }
            $isBare = $screen->ground->toHex() === $colour->toHex() && ! isset(Bindings::of($screen)['ground']);
            $new = OverrideValues::ofSheet($isBare ? Bindings::bind($screen, 'ground', $token->id) : $screen, fn (array $values): array => self::overrides($tree, $values, $token, $colour));
            $screens = $new === $screen ? $screens : [...$screens, $new];
        }

        return [$layers, $screens];
    }

    /**
     * @param  Values  $values  what copies or states have for themselves
     * @return Values
     */
    private static function overrides(Tree $tree, array $values, Token $token, Colour $colour): array
    {
        return InOverrides::changed($tree, $values, function (Layer $shown, \Closure $isOwn) use ($token, $colour): array {
            $paths = array_values(array_filter(self::paths($shown, $colour), $isOwn));

            return [self::adopted($shown, $token, $paths), $paths];
        });
    }

    public function label(Tree $before): string
    {
        return 'Bind all that has the colour of “'.((Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token').'”';
    }

    private static function isColour(Token $token, string $hex): bool
    {
        return $token->value instanceof ColourToken && $token->value->value->toHex() === $hex;
    }

    /** @param  list<string>  $paths */
    private static function adopted(Layer $layer, Token $token, array $paths): Layer
    {
        foreach ($paths as $path) {
            $layer = Bindings::bind($layer, $path, $token->id);
        }

        return $layer;
    }

    /** @return list<string> */
    private static function paths(Layer $layer, Colour $colour): array
    {
        $is = fn (Colour $one): bool => $one->toHex() === $colour->toHex();
        $paths = [];
        foreach (['fills' => $layer->fills, 'strokes' => $layer->strokes] as $list => $coats) {
            foreach ($coats as $i => $coat) {
                if ($coat->paint instanceof Solid && $is($coat->paint->colour)) {
                    $paths[] = "{$list}.{$i}.paint";
                }
                foreach ($coat->paint instanceof Gradient ? $coat->paint->stops() : [] as $j => $stop) {
                    $paths = $is($stop->colour) ? [...$paths, "{$list}.{$i}.stops.{$j}.colour"] : $paths;
                }
            }
        }
        foreach ($layer->effects as $i => $effect) {
            if ($effect->effect instanceof Shadow && $is($effect->effect->colour)) {
                $paths[] = "effects.{$i}.colour";
            }
        }
        $bound = Bindings::of($layer);
        // What is bound as a whole has its parts from there.
        $free = fn (string $path): bool => array_filter(array_keys($bound), fn (string $one): bool => $one === $path || str_replace('.paint', '.colour', $path) === $one
            || (str_contains($path, '.stops.') && $one === explode('.stops.', $path)[0].'.paint') || (str_starts_with($path, 'effects.') && $one === str_replace('.colour', '.effect', $path))) === [];

        return array_values(array_filter($paths, $free));
    }
}
