<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Thing;
use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Document\Tree;
use Kindred\Property\Bound;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Records;
use Kindred\Property\Spread;
use Kindred\Property\Stored;
use Kindred\Type\TextStyle;

/**
 * Keeps what is bound to tokens at their values.
 *
 * A property that is bound holds the value of its token, too. So a change of a token is a change of all that is bound to it, which
 * follows from it and is nobody's edit; and what is bound and gets another value by hand is no longer bound.
 */
final class Bindings
{
    /**
     * What properties of a thing are bound, in lists and in lists in them too.
     *
     * @return array<string, string> ids of tokens by path, such as `fills.0.colour`
     */
    public static function of(Stored $thing): array
    {
        return self::known()[$thing] ??= self::within($thing, '');
    }

    /** @return \WeakMap<Stored, array<string, string>> what was found already: things never change, and of each it is asked several times in an edit */
    private static function known(): \WeakMap
    {
        /** @var \WeakMap<Stored, array<string, string>>|null $known */
        static $known = null;

        return $known ??= new \WeakMap; // @phpstan-ignore return.type (a new map is of any type)
    }

    /** @return array<string, string> */
    private static function within(Stored $thing, string $path): array
    {
        $found = [];
        foreach (Properties::of($thing::class)->holding(Bound::class) as $name => $property) {
            $held = $thing->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            if ($held === null || $held === []) {
                continue;
            }
            if ($property instanceof Bound) {
                foreach (is_array($held) ? array_filter($held, is_string(...)) : [] as $key => $token) {
                    $found[$path.$key] = $token;
                }

                continue;
            }
            // What is spread stands under its own names.
            $inner = $property instanceof Spread ? $path : "{$path}{$name}.";
            foreach ($property instanceof Records && is_array($held) ? $held : [$held] as $i => $one) {
                $found += $one instanceof Stored ? self::within($one, is_array($held) ? "{$inner}{$i}." : $inner) : [];
            }
        }

        return $found;
    }

    /**
     * A thing with a property bound to a token, or to none; its value stays.
     *
     * @template T of Stored
     *
     * @param  T  $thing
     * @return T
     */
    public static function bind(Stored $thing, string $path, ?string $token): Stored
    {
        [$holder, $name] = self::holder($thing, $path);
        $bound = $holder === '' ? get_object_vars($thing)['bound'] ?? [] : Path::of("{$holder}.bound")->value($thing);
        $bound = array_diff_key(is_array($bound) ? $bound : [], [$name => true]) + ($token === null ? [] : [$name => $token]);
        ksort($bound);

        return Path::of($holder === '' ? 'bound' : "{$holder}.bound")->put($thing, $bound);
    }

    /** Whether a property that is bound is another's part, or has it as a part, so that a value of the one ends what is said of the other. */
    public static function governs(string $bound, string $path): bool
    {
        [$bound, $path] = [self::unspread($bound), self::unspread($path)];

        return $bound === $path || str_starts_with($path, "{$bound}.") || str_starts_with($bound, "{$path}.");
    }

    /** The colour and the stops of a fill, which stand beside its opacity, as parts of what it is painted with. */
    private static function unspread(string $path): string
    {
        $steps = explode('.', $path);
        $entry = ['fills' => Fill::class, 'strokes' => Stroke::class, 'effects' => Effect::class][$steps[0]] ?? null;
        if ($entry === null || ! isset($steps[2])) {
            return $path;
        }
        $property = Properties::of($entry)->all[$steps[2]] ?? null;
        array_splice($steps, 2, $property instanceof Spread ? 1 : 0, $property === null || $property instanceof Spread ? ['spread'] : []);

        return implode('.', $steps);
    }

    /**
     * What says of a property that it is bound: the innermost entry of a list that it lies in, or the thing itself.
     *
     * @return array{string, string} the path of that, and the rest of the path
     */
    public static function holder(Stored $thing, string $path): array
    {
        $steps = explode('.', $path);
        for ($length = count($steps) - 1; $length > 0; $length--) {
            $holder = implode('.', array_slice($steps, 0, $length));
            $value = Path::of($holder)->value($thing);
            if ($value instanceof Stored && isset(Properties::of($value::class)->all['bound'])) {
                return [$holder, implode('.', array_slice($steps, $length))];
            }
        }

        return ['', $path];
    }

    /**
     * The tree after a change, with all that follows for what is bound.
     *
     * @throws \Kindred\Input\InvalidInput where tokens lead in a circle
     */
    public static function after(Tree $before, Tree $after): Tree
    {
        $after = self::settledTokens($before, $after);
        $changes = TokenChanges::between($before, $after);
        $after = $after->withProject(self::followed(['' => $before->project], ['' => $after->project], $changes)[0] ?? $after->project);
        $layers = self::followed($before->layers, $after->layers, $changes);
        $screens = self::followed($before->screens + $before->gone, $after->screens + $after->gone, $changes);
        $after = $layers === [] ? $after : $after->withLayers(...$layers);

        return self::dressed($screens === [] ? $after : $after->withScreens(...$screens), $changes);
    }

    /** With what widgets are dressed in on screens that show a theme of their own. */
    private static function dressed(Tree $tree, TokenChanges $changes): Tree
    {
        $put = [];
        foreach ($changes->areThere() ? $tree->screens + $tree->gone : [] as $screen) {
            $look = $screen->theme === null || $tree->project->look->bound === [] ? null : self::resolved($tree->project, $changes->now($screen))->look;
            $look = $look?->toArray() === $tree->project->look->toArray() ? null : $look;
            if ($look?->toArray() !== $screen->look?->toArray()) {
                $put[] = $new = $screen->with(look: $look);
                self::followers()[$new] = self::followers()[$screen] ?? $screen;
            }
        }

        return $put === [] ? $tree : $tree->withScreens(...$put);
    }

    /** With tokens, and what themes say of them, at the values of those that they stand for. */
    private static function settledTokens(Tree $before, Tree $after): Tree
    {
        if (array_filter(Themes::HOUSE, fn (Entity $entity): bool => $before->things($entity) !== $after->things($entity)) === []) {
            return $after;
        }
        [$were, $made] = [self::tokens($before), self::tokens($after)];
        $tokens = Aliases::settled($made);
        foreach ($tokens as $id => $token) {
            if ($token !== $made[$id] && $made[$id] === ($were[$id] ?? null)) {
                self::followers()[$token] = $made[$id];
            }
        }
        $after = $after->put(Entity::Token, ...array_values($tokens));
        $themes = Themes::of($after);
        $values = [];
        foreach ($themes->all() as $theme => $_) {
            $own = $themes->values($theme);
            foreach (array_intersect_key($themes->tokens($theme), $own) as $id => $token) {
                $old = $own[$id];
                if ($old->value->toArray() === $token->value->toArray() && $old->bound === $token->bound) {
                    continue;
                }
                $values[] = $new = $old->with(value: $token->value, bound: $token->bound);
                if ($old === ($before->things(Entity::ThemeValue)[$old->id] ?? null)) {
                    self::followers()[$new] = $old;
                }
            }
        }

        return $values === [] ? $after : $after->put(Entity::ThemeValue, ...$values);
    }

    /**
     * @template T of Layer|Screen|Project
     *
     * @param  array<string, T>  $before
     * @param  array<string, T>  $after
     * @return list<T> those that become others
     */
    private static function followed(array $before, array $after, TokenChanges $changes): array
    {
        $put = [];
        foreach ($after as $id => $thing) {
            $old = $before[$id] ?? null;
            $changed = $changes->of($old, $thing);
            $new = $old === $thing && $changed === [] ? $thing : self::settled($old, $thing, $changes, $changed);
            if ($new !== $thing) {
                $put[] = $new;
                if ($old === $thing) {
                    self::followers()[$new] = $old;
                }
            }
        }

        return $put;
    }

    /**
     * A layer, or a screen, as tokens that have changed make it, and nothing else.
     *
     * @template T of Layer|Screen|Project
     *
     * @param  T  $thing
     * @param  array<string, Token>  $tokens  those that have changed
     * @return T
     */
    public static function resolved(Layer|Screen|Project $thing, array $tokens): Layer|Screen|Project
    {
        foreach (self::of($thing) as $path => $token) {
            $thing = isset($tokens[$token]) ? self::given($thing, $path, $tokens[$token]) : $thing;
        }

        return $thing;
    }

    /** Whether a thing is another one with the values of tokens that have changed, and otherwise the same. */
    public static function follows(Thing $thing, Thing $before): bool
    {
        return (self::followers()[$thing] ?? null) === $before && self::of($thing) === self::of($before);
    }

    /** @return \WeakMap<Thing, Thing> what became of things when tokens changed that they are bound to, with what they were */
    private static function followers(): \WeakMap
    {
        /** @var \WeakMap<Thing, Thing>|null $followers */
        static $followers = null;

        return $followers ??= new \WeakMap; // @phpstan-ignore return.type (a new map is of any type)
    }

    /**
     * What all of some layers, or screens, have bound alike.
     *
     * @param  list<Layer>|list<Screen>  $things
     * @return array<string, string> ids of tokens by path
     */
    public static function shared(array $things): array
    {
        $shared = $things === [] ? [] : self::of($things[0]);
        foreach ($things as $thing) {
            $shared = array_intersect_assoc($shared, self::of($thing));
        }

        return $shared;
    }

    /** @return array<string, Token> by id */
    public static function tokens(Tree $tree): array
    {
        return array_filter($tree->things(Entity::Token), fn (Thing $one): bool => $one instanceof Token);
    }

    /**
     * @param  array<string, Token>  $before
     * @param  array<string, Token>  $after
     * @return array<string, Token> those whose value is another, by id
     */
    public static function changed(array $before, array $after): array
    {
        return array_filter($after, fn (Token $token): bool => isset($before[$token->id]) && $before[$token->id] !== $token
            && ($before[$token->id]->value->toArray() !== $token->value->toArray() || $before[$token->id]->bound !== $token->bound));
    }

    /**
     * @template T of Layer|Screen|Project
     *
     * @param  T|null  $old
     * @param  T  $layer
     * @param  array<string, Token>  $changed  where it is
     * @return T
     */
    private static function settled(Layer|Screen|Project|null $old, Layer|Screen|Project $layer, TokenChanges $changes, array $changed): Layer|Screen|Project
    {
        $bound = self::of($layer);
        if ($bound === []) {
            return $layer;
        }
        $tokens = $changes->now($layer);
        $had = $old === null ? [] : self::of($old);
        foreach ($bound as $path => $token) {
            $way = Path::of($path);
            $isNew = ($had[$path] ?? null) !== $token;
            $byHand = ! $isNew && $old !== null && $old !== $layer && self::governed($way, $layer) !== self::governed($way, $old);
            if ($byHand && ! isset($changed[$token]) && (! isset($tokens[$token]) || self::given($layer, $path, $tokens[$token]) !== $layer)) {
                $layer = self::bind($layer, $path, null);
            } elseif ($isNew && $changes->areThere() && ! isset($tokens[$token])) {
                // It comes from another house style, or its token has been removed since.
                $layer = self::bind($layer, $path, null);
            } elseif (isset($tokens[$token]) && ($isNew || isset($changed[$token]))) {
                $layer = self::given($layer, $path, $tokens[$token]);
            }
        }

        return $layer;
    }

    /** What a token has a say in of a property: of a type style not how the words are aligned and decorated. */
    private static function governed(Path $way, Layer|Screen|Project $thing): mixed
    {
        $plain = $way->plain($thing);

        return is_array($plain) && $way->value($thing) instanceof TextStyle ? array_intersect_key($plain, array_flip(TypographyToken::PARTS)) : $plain;
    }

    /**
     * With the value of a token; one that does not fit any more is not bound.
     *
     * @template T of Stored
     *
     * @param  T  $thing
     * @return T
     */
    public static function given(Stored $thing, string $path, Token $token): Stored
    {
        $way = Path::of($path);
        $property = $way->property($thing);
        $has = $way->value($thing);
        $value = $property === null ? null : $token->value->valueOf($property, $has);
        if ($property === null || $value === null) {
            return self::bind($thing, $path, null);
        }
        $plain = $property->plain($value);

        return $plain === ($has === null ? null : $property->plain($has)) ? $thing : $way->with($thing, $value);
    }
}
