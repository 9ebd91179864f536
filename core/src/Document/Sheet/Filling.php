<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Text;
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
            default => $design,
        };
    }

    public static function of(Tree $design, ArrayLayer $array, Row $row): Tree
    {
        $cells = $row->cells();
        foreach ($array->sheet->columns as $column) {
            $layer = $design->layers[$column->layer ?? ''] ?? null;
            $filled = $layer === null ? null : Feed::fill($column->slot, $layer, $cells[$column->id] ?? '');
            if ($filled !== null && $filled !== $layer) {
                $design = $design->withLayers($filled);
            }
        }
        foreach ($array->overrides[$row->id] ?? [] as $written => $values) {
            $address = Address::of($written);
            // How words are set is said of those of the cell.
            $words = Slot::Words->path();
            foreach (array_key_exists($words, $values) ? [$words => $values[$words]] + $values : $values as $path => $value) {
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
        $around = $design->expanding($layer)[count($address->copies) - 1] ?? null;
        if (! $around?->content instanceof Expanding || ! in_array($address->copies[0], $around->content->copies(), true)) {
            return $design;
        }

        return $design->withLayers($around->with(content: $around->content->overriding($address->copies[0], $address->within(), $path, $value)));
    }

    /** Values for properties that the layer no longer has are passed over: its kind may have changed. */
    private static function overridden(Tree $tree, Layer $layer, string $path, mixed $value): Tree
    {
        if ($path === Slot::Words->path()) {
            return is_string($value) && $layer->content instanceof Text ? $tree->withLayers($layer->with(content: $layer->content->saying($value))) : $tree;
        }
        try {
            if (($path === 'runs' || $path === 'paragraphs') && $layer->content instanceof Text && is_array($value)) {
                return $tree->withLayers(Path::of($path)->put($layer, $value));
            }

            return Field::find($path)?->put($tree, $layer, $value) ?? $tree;
        } catch (InvalidInput) {
            return $tree;
        }
    }
}
