<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\LayerField;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * The cell of an array in which a change was made, and whether it is for that cell alone.
 *
 * What is for that cell alone departs from the design there. Otherwise what a column of the data sheet feeds is
 * changed in the cell's row, and anything else in the design, which all cells follow.
 */
final readonly class InCell
{
    private function __construct(private string $row, private bool $apart)
    {
    }

    /** Null for a change that was not made in a cell. */
    public static function read(Reader $in): ?self
    {
        return $in->has('row') ? new self($in->id('row'), $in->boolean('apart', false)) : null;
    }

    /**
     * The tree with the change made in the sheet or as a departure; null where it is a change of the design.
     *
     * @param  LayerField|null  $field  null for words
     */
    public function instead(Tree $tree, Layer $layer, ?LayerField $field, string $value): ?Tree
    {
        foreach ($tree->ancestors($layer) as $around) {
            if ($around->content instanceof ArrayLayer) {
                $array = $this->changed($around->content, $layer, $field, $value);

                return $array === null ? null : $tree->withLayers($around->with(content: $array));
            }
        }

        return null;
    }

    private function changed(ArrayLayer $array, Layer $layer, ?LayerField $field, string $value): ?ArrayLayer
    {
        if (! $this->apart) {
            return $this->fed($array, $layer, $field, $value);
        }
        if ($field !== null && ! $field instanceof Field) {
            throw new InvalidInput('value', 'One cell cannot be laid out in another way than the rest; change every cell instead.');
        }

        return $array->departing($array->sheet->row($this->row)->id, $layer->id, $field->value ?? Filling::WORDS, $value);
    }

    /** With the value in the row of the sheet, where a column feeds it. */
    private function fed(ArrayLayer $array, Layer $layer, ?LayerField $field, string $value): ?ArrayLayer
    {
        $slot = match ($field) {
            null => Slot::Words,
            Field::Asset => Slot::Picture,
            Field::Fill => Slot::Colour,
            default => null,
        };
        $column = $slot === null ? null : $array->sheet->feeding($layer->id, $slot);

        return $column === null ? null : $array->withSheet($array->sheet->withRow($array->sheet->row($this->row)->with($column->id, $value)));
    }
}
