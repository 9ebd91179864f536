<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** A cell's design with the values of its row and its overrides in it, not laid out yet. */
final class Filling
{
    public static function of(Tree $design, ArrayLayer $array, Row $row): Tree
    {
        $cells = $row->cells();
        foreach ($array->sheet->columns as $column) {
            $layer = $design->layers[$column->layer ?? ''] ?? null;
            $filled = $layer === null ? null : $column->slot->fill($layer, $cells[$column->id] ?? '');
            if ($filled !== null && $filled !== $layer) {
                $design = $design->withLayers($filled);
            }
        }
        foreach ($array->overrides[$row->id] ?? [] as $id => $values) {
            foreach ($values as $path => $value) {
                $layer = $design->layers[$id] ?? null;
                $design = $layer === null ? $design : self::overridden($design, $layer, $path, $value);
            }
        }

        return $design;
    }

    /** Values for properties that the layer no longer has are passed over: its kind may have changed. */
    private static function overridden(Tree $tree, Layer $layer, string $path, mixed $value): Tree
    {
        if ($path === Slot::Words->path()) {
            return is_string($value) && $layer->content instanceof Text ? $tree->withLayers($layer->with(content: $layer->content->with(words: $value))) : $tree;
        }
        try {
            return Field::find($path)?->put($tree, $layer, $value) ?? $tree;
        } catch (InvalidInput) {
            return $tree;
        }
    }
}
