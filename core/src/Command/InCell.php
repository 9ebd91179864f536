<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * The cell of an array in which a change was made, and whether it is for that cell alone.
 *
 * What is for that cell alone overrides the design there. Otherwise what a column of the data sheet feeds is
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
     * The tree with the change made in the sheet or as an override; null where it is a change of the design.
     *
     * @param  Layer  $layer  of the design, as it is
     * @param  Layer  $set  the same as it would be
     *
     * @throws InvalidInput where no cell alone can be so
     */
    public function instead(Tree $tree, Layer $layer, Field $field, Layer $set): ?Tree
    {
        if ($this->apart && ! $field->isOverridable()) {
            throw new InvalidInput('value', 'One cell cannot be laid out in another way than the rest; change every cell instead.');
        }

        return $this->written($tree, $layer, $field->path, $field->plain($set));
    }

    /** The same for the words of a text. */
    public function saying(Tree $tree, Layer $layer, string $words): ?Tree
    {
        return $this->written($tree, $layer, Slot::Words->path(), $words);
    }

    private function written(Tree $tree, Layer $layer, string $path, mixed $value): ?Tree
    {
        foreach ($tree->ancestors($layer) as $around) {
            if ($around->content instanceof ArrayLayer) {
                $array = $this->changed($around->content, $layer, $path, $value);

                return $array === null ? null : $tree->withLayers($around->with(content: $array));
            }
        }

        return null;
    }

    private function changed(ArrayLayer $array, Layer $layer, string $path, mixed $value): ?ArrayLayer
    {
        $row = $array->sheet->row($this->row);
        if ($this->apart) {
            return $array->overriding($row->id, $layer->id, $path, $value);
        }
        foreach (Slot::cases() as $slot) {
            $column = $slot->path() === $path ? $array->sheet->feeding($layer->id, $slot) : null;
            if ($column !== null) {
                return $array->withSheet($array->sheet->withRow($row->with($column->id, is_scalar($value) ? (string) $value : '')));
            }
        }

        return null;
    }
}
