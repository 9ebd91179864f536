<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Tree;
use Kindred\Layout\Cell;
use Kindred\Layout\Relayout;

/** What the wall calls a layer in a cell of an array: its id in the design and that of the row, `label.row1`. */
final readonly class CellName
{
    private function __construct(public string $layer, public ?string $row)
    {
    }

    public static function of(string $name): self
    {
        $parts = explode('.', $name, 2);

        return new self($parts[0], $parts[1] ?? null);
    }

    /** The array whose cell is meant; null for a layer that lies in none. */
    public function array(Tree $tree): ?Layer
    {
        $layer = $this->row === null ? null : ($tree->layers[$this->layer] ?? null);
        foreach ($layer === null ? [] : $tree->ancestors($layer) as $around) {
            if ($around->content instanceof ArrayLayer) {
                return $around;
            }
        }

        return null;
    }

    /** The cell as it is laid out, with its row's values in it. */
    public function cell(Tree $tree, Relayout $relayout): ?Cell
    {
        $array = $this->array($tree);

        return $array === null || $this->row === null ? null : $relayout->cells->grid($tree, $array)?->cell($this->row);
    }
}
