<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Address;
use Kindred\Document\Component\StateOverrides;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Token\Bindings;

/**
 * How layers are otherwise in one copy, or in one state, than in their design: values as the layers would write them, by address
 * within the copy and path of the property. Which tokens they have the values of stands there as well, under `bound` or
 * `fills.0.bound`, only with what differs.
 *
 * @phpstan-type Values array<array-key, array<array-key, mixed>>
 */
final class OverrideValues
{
    /** The path of the component that an instance shows. */
    public const COMPONENT = 'component';

    /**
     * @param  Values  $of
     * @return Values with a value set
     */
    public static function with(array $of, Address $layer, string $path, mixed $value): array
    {
        if (self::isBound($path)) {
            $of[(string) $layer][$path] = (array) $value + (array) ($of[(string) $layer][$path] ?? []);

            return $of;
        }
        $of = self::detached($of, $layer, $path);
        $of[(string) $layer][$path] = $value;

        return $of;
    }

    /**
     * A layer with what the copies in it have for themselves said in another way; the same layer where that is as it was.
     *
     * @param  \Closure(Values): Values  $by
     */
    public static function ofLayer(Layer $layer, \Closure $by): Layer
    {
        $old = $layer->content;
        if (! $old instanceof Expanding) {
            return $layer;
        }
        $new = $old->withOverrides($by);

        return $new->overrides() === $old->overrides() ? $layer : $layer->with(content: $new);
    }

    /**
     * The sheet of a component with what its states have otherwise said in another way; any other screen as it is.
     *
     * @param  \Closure(Values): Values  $by
     */
    public static function ofSheet(Screen $screen, \Closure $by): Screen
    {
        $old = $screen->component->overrides ?? [];
        $new = array_map(function (StateOverrides $one) use ($by): StateOverrides {
            $layers = $by($one->layers);

            return $layers === $one->layers ? $one : $one->with(layers: $layers);
        }, $old);

        return $new === $old || $screen->component === null ? $screen : $screen->with(component: $screen->component->with(overrides: $new));
    }

    /** Whether a path is that of what is bound to tokens. */
    public static function isBound(string $path): bool
    {
        return $path === 'bound' || str_ends_with($path, '.bound');
    }

    /**
     * What a layer has bound to tokens for itself.
     *
     * @param  array<array-key, mixed>  $values  by path
     * @return array<string, array{string, string, string}> the id of the token, the path that says so and the name there, by the path of the property
     */
    public static function bound(array $values): array
    {
        $found = [];
        foreach ($values as $key => $names) {
            foreach (self::isBound((string) $key) ? (array) $names : [] as $name => $token) {
                if (is_string($token)) {
                    $found[substr((string) $key, 0, -strlen('bound')).$name] = [$token, (string) $key, (string) $name];
                }
            }
        }

        return $found;
    }

    /**
     * Whether a value of its own says what a property of a layer is.
     *
     * @param  array<array-key, mixed>  $values  by path
     */
    public static function governs(array $values, string $path): bool
    {
        return array_filter(array_keys($values), fn (int|string $key): bool => ! self::isBound((string) $key) && Bindings::governs($path, (string) $key)) !== [];
    }

    /**
     * With what a layer has for itself bound as it is shown.
     *
     * @param  Values  $of
     * @param  Layer  $shown  with the bindings that it is to have
     * @param  list<string>  $paths  of the properties that are meant
     * @return Values
     */
    public static function boundAs(array $of, Address $layer, Layer $shown, array $paths): array
    {
        $own = array_keys($of[(string) $layer] ?? []);
        foreach (array_intersect_key(Bindings::of($shown), array_flip($paths)) as $path => $token) {
            [$holder, $name] = Bindings::holder($shown, $path);
            // An entry of a list that is otherwise as a whole says so itself.
            $isSaid = array_filter($own, fn (int|string $key): bool => ! self::isBound((string) $key) && str_starts_with("{$holder}.", "{$key}.")) !== [];
            $of = $isSaid ? $of : self::with($of, $layer, $holder === '' ? 'bound' : "{$holder}.bound", [$name => $token]);
        }

        return $of;
    }

    /**
     * With what is bound to a token bound to another, or to none.
     *
     * @param  Values  $of
     * @return Values
     */
    public static function rebound(array $of, string $token, ?string $by): array
    {
        foreach ($of as $layer => $values) {
            foreach (self::bound($values) as [$has, $key, $name]) {
                if ($has === $token) {
                    $names = [$name => $by] + (array) $of[$layer][$key];
                    $of[$layer][$key] = array_filter($names, fn (mixed $one): bool => $one !== null);
                    if ($of[$layer][$key] === []) {
                        unset($of[$layer][$key]);
                    }
                }
            }
        }

        return array_filter($of, fn (array $values): bool => $values !== []);
    }

    /**
     * What has a value by hand is bound no longer.
     *
     * @param  Values  $of
     * @return Values
     */
    private static function detached(array $of, Address $layer, string $path): array
    {
        foreach (self::bound($of[(string) $layer] ?? []) as $bound => [, $key, $name]) {
            if (Bindings::governs($bound, $path)) {
                $of[(string) $layer][$key] = array_diff_key((array) $of[(string) $layer][$key], [$name => true]);
                if ($of[(string) $layer][$key] === []) {
                    unset($of[(string) $layer][$key]);
                }
            }
        }

        return $of;
    }

    /**
     * @param  Values  $of
     * @return Values without the value of a property
     */
    public static function without(array $of, Address $layer, string $path): array
    {
        $of = self::detached($of, $layer, $path);
        unset($of[(string) $layer][$path]);

        return array_filter($of, fn (array $values): bool => $values !== []);
    }

    /**
     * @param  Values  $of
     * @return list<string> the paths of the properties that a layer has for itself
     */
    public static function paths(array $of, Address $layer): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($of[(string) $layer] ?? [])), fn (string $path): bool => ! self::isBound($path)));
    }

    /**
     * @param  Values  $of
     * @param  array<string, string>  $ids  new by old, of layers
     * @return Values
     */
    public static function renamed(array $of, array $ids): array
    {
        $renamed = [];
        foreach ($of as $written => $values) {
            $renamed[(string) Address::of((string) $written)->renamed($ids)] = $values;
        }

        return $renamed;
    }

    /**
     * @param  Values  $of
     * @return list<string> the words that are set
     */
    public static function words(array $of): array
    {
        return array_values(array_filter(array_map(fn (array $values): mixed => $values[Slot::Words->path()] ?? null, $of), is_string(...)));
    }

    /**
     * @param  Values  $of
     * @return list<string> the components that instances show instead of that of their design
     */
    public static function components(array $of): array
    {
        return array_values(array_filter(array_map(fn (array $values): mixed => $values[self::COMPONENT] ?? null, $of), is_string(...)));
    }

    /**
     * @param  Values  $of
     * @return list<string> the icons that are shown instead of those of their design
     */
    public static function icons(array $of): array
    {
        return array_values(array_filter(array_map(fn (array $values): mixed => $values['icon'] ?? null, $of), is_string(...)));
    }

    /**
     * @param  Values  $of
     * @return list<string> the families that words are set in instead of those of their design
     */
    public static function families(array $of): array
    {
        $found = [];
        self::inFamilies($of, function (string $family) use (&$found): string {
            $found[$family] = true;

            return $family;
        });

        return array_map(strval(...), array_keys($found));
    }

    /**
     * @param  Values  $of
     * @return Values with one family in the place of another
     */
    public static function inFamily(array $of, string $by, string $instead): array
    {
        return self::inFamilies($of, fn (string $family): string => $family === $by ? $instead : $family);
    }

    /**
     * @param  Values  $of
     * @param  \Closure(string): string  $by
     * @return Values
     */
    private static function inFamilies(array $of, \Closure $by): array
    {
        foreach ($of as $layer => $values) {
            if (is_string($values['style.family'] ?? null)) {
                $of[$layer]['style.family'] = $by($values['style.family']);
            }
            if (is_array($values['runs'] ?? null)) {
                $of[$layer]['runs'] = array_map(fn (mixed $run): array => is_string($family = ((array) $run)['family'] ?? null) ? ['family' => $by($family)] + (array) $run : (array) $run, $values['runs']);
            }
        }

        return $of;
    }

    /**
     * @param  Values  $of
     * @return list<string> the tokens whose values something in it has
     */
    public static function tokens(array $of): array
    {
        if (! self::areBound($of)) {
            return [];
        }
        $found = [];
        $plain = (array) json_decode(json_encode($of, JSON_THROW_ON_ERROR), true);
        $look = function (array $in) use (&$look, &$found): void {
            foreach ($in as $key => $value) {
                if (is_array($value) && self::isBound((string) $key)) {
                    array_push($found, ...array_values(array_filter($value, is_string(...))));
                } elseif (is_array($value)) {
                    $look($value);
                }
            }
        };
        $look($plain);

        return array_values(array_unique($found));
    }

    /**
     * Whether something in it has the value of a token.
     *
     * @param  Values  $of
     */
    public static function areBound(array $of): bool
    {
        return $of !== [] && preg_match('/[".]bound":\{"/', json_encode($of, JSON_THROW_ON_ERROR)) === 1;
    }

    /**
     * @param  array<array-key, mixed>  $of
     * @return list<string> the hashes of the pictures that are shown, or that layers are painted with
     */
    public static function pictures(array $of): array
    {
        $found = [];
        $plain = (array) json_decode(json_encode($of, JSON_THROW_ON_ERROR), true);
        array_walk_recursive($plain, function (mixed $value, int|string $key) use (&$found): void {
            if (is_string($value) && str_ends_with(".{$key}", '.asset')) {
                $found[] = $value;
            }
        });

        return array_values(array_filter($found, fn (string $one): bool => preg_match('/^[0-9a-f]{64}$/D', $one) === 1));
    }
}
