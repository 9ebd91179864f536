<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Property\Path;

/** What a copy shows, such as a cell's design with the values of its row and its overrides in it; not laid out yet. */
final class Filling
{
    /** @param  Layer  $around  what shows the copy */
    public static function copy(Tree $design, Layer $around, string $name): Tree
    {
        return match (true) {
            $around->content instanceof ArrayLayer => self::of($design, $around->content, $around->content->sheet->row($name)),
            $around->content instanceof Instance => self::instance($design, $around->content),
            default => $design,
        };
    }

    /** A tree with all in it as the copies show it in which an address lies. */
    public static function at(Tree $tree, Address $address): Tree
    {
        foreach ($tree->showing($address) ?? [] as $i => $around) {
            $tree = self::copy($tree, $tree->layer($around->id), $address->copies[$i]);
        }

        return $tree;
    }

    public static function of(Tree $design, ArrayLayer $array, Row $row): Tree
    {
        $cells = $row->cells();
        foreach ($array->sheet->columns as $column) {
            $address = Address::of($column->layer ?? '');
            $layer = $design->layers[$address->layer] ?? null;
            $filled = $layer === null ? null : Feed::fill($column->slot, $layer, $cells[$column->id] ?? '');
            if ($layer === null || $filled === null || $filled === $layer) {
                continue;
            }
            $design = $address->copies === [] ? $design->withLayers($filled) : self::set($design, $layer, $address, $column->slot->path(), Path::of($column->slot->path())->plain($filled));
        }

        return self::withValues($design, $array->overrides[$row->id] ?? []);
    }

    /** The layers of a component as an instance shows them: in its states, with what it has for itself. */
    public static function instance(Tree $design, Instance $instance): Tree
    {
        foreach ($design->component($instance->component)?->layersIn($instance->states) ?? [] as $layers) {
            $design = self::withValues($design, $layers);
        }

        return self::withValues($design, $instance->overrides);
    }

    /**
     * A layer with what it has otherwise in a copy.
     *
     * @param  array<array-key, mixed>  $values  by path
     */
    public static function layer(Tree $design, Layer $layer, array $values): Layer
    {
        return self::withValues($design, [$layer->id => $values])->layer($layer->id);
    }

    /** @param  array<array-key, array<array-key, mixed>>  $layers  values by address and path */
    private static function withValues(Tree $design, array $layers): Tree
    {
        // What lies less deep first: in an instance there may be another component then.
        uksort($layers, fn (int|string $a, int|string $b): int => substr_count((string) $a, '.') <=> substr_count((string) $b, '.'));
        foreach ($layers as $written => $values) {
            $address = Address::of((string) $written);
            // How words are set is said of those of the copy, and what is bound of the values there.
            $words = Slot::Words->path();
            uksort($values, fn (int|string $a, int|string $b): int => [$b === $words, OverrideValues::isBound((string) $a)] <=> [$a === $words, OverrideValues::isBound((string) $b)]);
            foreach ($values as $key => $value) {
                $path = (string) $key;
                $layer = $design->layers[$address->layer] ?? null;
                $design = $layer === null ? $design : self::set($design, $layer, $address, $path, $value);
            }
        }

        return $design;
    }

    /** What is meant for one copy in something in the cell that has copies itself is set there. */
    private static function set(Tree $design, Layer $layer, Address $address, string $path, mixed $value): Tree
    {
        if ($address->copies === []) {
            return self::overridden($design, $layer, $path, $value);
        }
        $around = $design->showing($address, true)[0] ?? null;
        if (! $around?->content instanceof Expanding) {
            return $design;
        }

        return $design->withLayers($around->with(content: $around->content->overriding($address->copies[0], $address->within(), $path, $value)));
    }

    /** What is no field of its own: how words are set, and the states of an instance. */
    private static function isApart(Layer $layer, string $path): bool
    {
        return $layer->content instanceof Text ? $path === 'runs' || $path === 'paragraphs' : $layer->content instanceof Instance && $path === 'states';
    }

    /** Values for properties that the layer no longer has are passed over: its kind may have changed. */
    private static function overridden(Tree $tree, Layer $layer, string $path, mixed $value): Tree
    {
        if ($path === Slot::Words->path()) {
            return is_string($value) && $layer->content instanceof Text ? $tree->withLayers($layer->with(content: $layer->content->saying($value))) : $tree;
        }
        try {
            if (self::isApart($layer, $path) && ! is_scalar($value)) {
                return $tree->withLayers(Path::of($path)->put($layer, $value));
            }
            if ($path === Slot::Shown->path()) {
                return $tree->withLayers($layer->with(hidden: $value === true));
            }
            if ($path === OverrideValues::COMPONENT && $layer->content instanceof Instance && is_string($value)) {
                return $tree->withLayers($layer->with(content: $layer->content->with(component: $value)));
            }

            if (OverrideValues::isBound($path)) {
                return $tree->withLayers(array_reduce(array_keys((array) $value), fn (Layer $own, int|string $name): Layer => Bindings::bind($own, substr($path, 0, -strlen('bound')).$name, is_string($token = ((array) $value)[$name]) ? $token : null), $layer));
            }
            $put = Field::find($path)?->put($tree, $layer, $value) ?? $tree;
            $own = $put->layer($layer->id);
            foreach (Bindings::of($own) as $bound => $_) {
                // What has a value of its own here has no longer that of a token; what an entry of a list says comes with it.
                $comes = str_starts_with(Bindings::holder($own, $bound)[0].'.', "{$path}.");
                $own = Bindings::governs($bound, $path) && ! $comes ? Bindings::bind($own, $bound, null) : $own;
            }

            return $own === $put->layer($layer->id) ? $put : $put->withLayers($own);
        } catch (InvalidInput) {
            return $tree;
        }
    }
}
