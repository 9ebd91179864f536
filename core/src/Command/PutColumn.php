<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Place;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Fed;
use Kindred\Document\Sheet\Feed;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Adds a column to a data sheet, or renames and binds the one with the same id. A new one that feeds a layer
 * begins with the value that the layer has.
 */
final readonly class PutColumn implements Command
{
    use OnSheet;

    private function __construct(private ?string $screen, private string $layer, private Column $column)
    {
    }

    public static function type(): string
    {
        return 'put-column';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), Column::read($in->object('column')));
    }

    public function apply(Tree $tree): Tree
    {
        $content = $this->content($tree);
        $sheet = $content->sheet();
        $empty = array_filter($sheet->rows, fn (Row $row): bool => ($row->cells()[$this->column->id] ?? '') !== '') === [];
        $fed = $this->fed($tree, $content);
        $sheet = $sheet->withColumn($this->column);
        // An empty column begins with the value of the design.
        if ($empty && $fed !== null) {
            foreach ($sheet->rows as $row) {
                $sheet = $sheet->withRow($row->with($this->column->id, $fed));
            }
        }

        return $this->withSheet($tree, $sheet);
    }

    public function label(Tree $before): string
    {
        return "Set column {$this->column->name} of {$this->nameOf($before)}";
    }

    /** The value that the bound layer has by itself; null where the column is bound to none. */
    private function fed(Tree $tree, HasSheet $content): ?string
    {
        if ($this->column->layer === null) {
            return null;
        }
        $design = $tree->children(new Place($this->screen, $this->layer))[0] ?? null;
        $part = $design === null ? null : Fed::in($tree, $design)[$this->column->layer] ?? null;
        if ($part !== null) {
            $other = $content->sheet()->feeding($this->column->layer, $this->column->slot);
            if ($other !== null && $other->id !== $this->column->id) {
                throw new InvalidInput('column.layer', "The column “{$other->name}” feeds “{$part->name}” already.");
            }

            return Feed::fits($this->column->slot, $part) ? Feed::of($this->column->slot, $part) : throw new InvalidInput('column.slot', "“{$part->name}” has no such thing for a column to feed.");
        }
        throw new InvalidInput('column.layer', 'That layer is not in the design of these cells.');
    }
}
