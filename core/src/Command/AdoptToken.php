<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Missing;
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

/** Binds to a colour of the house style all that has this very colour in the project and is bound to nothing. Locked layers too: the look stays. */
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
        return new WorkingSet(things: Themes::HOUSE, written: ["\"colour\":\"{$this->colour}\""]);
    }

    public function apply(Tree $tree): Tree
    {
        $token = Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        if (! $token->value instanceof ColourToken || ! self::isColour($token, $this->colour)) {
            throw new InvalidInput('colour', "“{$token->name}” has another colour by now. Nothing was changed.");
        }
        $bound = [];
        $themes = Themes::of($tree);
        foreach ($tree->layers as $layer) {
            // Where a theme gives the token another colour, the look would change.
            if (! self::isColour($themes->tokensOf($layer)[$token->id] ?? $token, $this->colour)) {
                continue;
            }
            $new = self::adopted($layer, $token, $token->value->value);
            $bound = $new === $layer ? $bound : [...$bound, $new];
        }

        return $bound === [] ? throw new InvalidInput('token', "Nothing else has the colour of “{$token->name}”. Nothing was changed.") : $tree->withLayers(...$bound);
    }

    public function label(Tree $before): string
    {
        return 'Bind all that has the colour of “'.((Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token').'”';
    }

    public static function isColour(Token $token, string $hex): bool
    {
        return $token->value instanceof ColourToken && $token->value->value->toHex() === $hex;
    }

    /** How many properties of a layer have a colour of their own that is this one. */
    public static function in(Layer $layer, Colour $colour): int
    {
        return count(self::paths($layer, $colour));
    }

    private static function adopted(Layer $layer, Token $token, Colour $colour): Layer
    {
        foreach (self::paths($layer, $colour) as $path) {
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
