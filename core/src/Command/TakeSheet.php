<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/**
 * Takes the rows of a file into a data sheet, in the place of its rows or below them.
 *
 * Each column of the file goes into a column of the sheet, into a new one that holds its values, or is left
 * out. Where rows are replaced, columns that the file says nothing of keep what they had, row by row.
 */
final readonly class TakeSheet implements Command
{
    use OnSheet;

    /**
     * @param  list<array{column: ?string, name: ?string}>  $columns  the column to fill, with what it is called from then on, or the name of a new one; neither leaves it out
     * @param  list<list<string>>  $rows
     */
    private function __construct(
        private ?string $screen,
        private string $layer,
        private array $columns,
        private array $rows,
        private bool $replace,
        private string $seed,
    ) {
    }

    public static function type(): string
    {
        return 'take-sheet';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            Address::layer($in, 'layer'),
            $in->list('columns', fn (Reader $one): array => ['column' => $one->optionalId('column'), 'name' => $one->has('name') ? $one->name('name') : null], 1, Sheet::MAX_COLUMNS),
            FillCells::table($in, 'rows'),
            $in->boolean('replace', true),
            $in->string('seed', 64, false),
        );
    }

    public function apply(Tree $tree): Tree
    {
        $content = $this->content($tree);
        $sheet = $content->sheet();
        $ids = $sheet->ids($this->seed);
        $targets = [];
        foreach ($this->columns as $i => ['column' => $column, 'name' => $name]) {
            if ($column !== null) {
                $targets[$i] = $sheet->column($column)->id;
                $sheet = $name === null ? $sheet : $sheet->withColumn($sheet->column($column)->with(name: $name));
            } elseif ($name !== null) {
                $new = $content->holding($sheet)->column($ids->next(), $name, array_map(fn (array $row): string => $row[$i] ?? '', $this->rows));
                $sheet = $sheet->withColumn($new);
                $targets[$i] = $new->id;
            }
        }
        $rows = [];
        foreach ($this->rows as $i => $values) {
            $row = ($this->replace ? $sheet->rows[$i] ?? null : null) ?? Row::of($ids->next(), ($sheet->rows[count($sheet->rows) - 1] ?? Row::of(''))->cells());
            foreach ($targets as $at => $column) {
                $row = $row->with($column, $values[$at] ?? '');
            }
            $rows[] = $row;
        }

        return $this->withSheet($tree, $this->replace ? $sheet->with(rows: $rows) : $sheet->withRows($rows, count($sheet->rows)));
    }

    public function label(Tree $before): string
    {
        return 'Import '.(count($this->rows) === 1 ? 'a row' : count($this->rows).' rows')." into {$this->nameOf($before)}";
    }
}
