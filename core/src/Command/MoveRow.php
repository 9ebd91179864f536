<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Puts a row of a data sheet after another, or first. */
final readonly class MoveRow implements Command
{
    use OnSheet;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $row,
        private ?string $after,
    ) {
    }

    public static function type(): string
    {
        return 'move-row';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->id('row'), $in->optionalId('after'));
    }

    public function apply(Tree $tree): Tree
    {
        $sheet = $this->content($tree)->sheet();
        $row = $sheet->row($this->row);
        if ($this->after === $this->row) {
            return $tree;
        }
        $sheet = $sheet->with(rows: array_values(array_filter($sheet->rows, fn (Row $one): bool => $one->id !== $row->id)));

        return $this->withSheet($tree, $sheet->withRows([$row], $this->after === null ? 0 : $sheet->indexOf($this->after) + 1));
    }

    public function label(Tree $before): string
    {
        return "Reorder a row of {$this->nameOf($before)}";
    }
}
