<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Removes rows of a data sheet. One always stays: without a cell the array could not be selected. */
final readonly class RemoveRows implements Command
{
    use OnSheet;

    /** @param  list<string>  $rows */
    private function __construct(private ?string $screen, private string $layer, private array $rows)
    {
    }

    public static function type(): string
    {
        return 'remove-rows';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->ids('rows'));
    }

    public function apply(Tree $tree): Tree
    {
        $sheet = $this->content($tree)->sheet();
        $left = array_values(array_filter($sheet->rows, fn (Row $row): bool => ! in_array($row->id, $this->rows, true)));
        if ($left === []) {
            throw new InvalidInput('rows', 'An array keeps one row at least. Delete the array itself to be rid of it.');
        }

        return $this->withSheet($tree, $sheet->with(rows: $left));
    }

    public function label(Tree $before): string
    {
        return 'Remove '.(count($this->rows) === 1 ? 'a row' : count($this->rows).' rows')." of {$this->nameOf($before)}";
    }
}
