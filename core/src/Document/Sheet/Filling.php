<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** A cell's design with the values of its row and its departures in it, not laid out yet. */
final class Filling
{
    /** The field under which a departure in words is kept; the others are those of Field. */
    public const WORDS = 'words';

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
        foreach ($array->departures[$row->id] ?? [] as $id => $fields) {
            foreach ($fields as $field => $value) {
                $layer = $design->layers[$id] ?? null;
                $design = $layer === null ? $design : self::departed($design, $layer, $field, $value);
            }
        }

        return $design;
    }

    /** A departure that is none any more, in a layer that has become another, is passed over. */
    private static function departed(Tree $tree, Layer $layer, string $field, string $value): Tree
    {
        if ($field === self::WORDS) {
            return $layer->content instanceof Text ? $tree->withLayers($layer->with(content: $layer->content->with(words: $value))) : $tree;
        }
        try {
            return Field::tryFrom($field)?->set($tree, $layer, $value, $layer->parent === null ? $layer->box : $tree->layer($layer->parent)->box) ?? $tree;
        } catch (InvalidInput) {
            return $tree;
        }
    }
}
