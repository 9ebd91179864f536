<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Id;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** The small table behind an array or a chart: a row is a cell or a point, a column feeds a slot. */
final readonly class Sheet implements Stored
{
    use Declared;

    /** In parts each row is a property of this name and its id. */
    public const ROW = 'row:';

    public const MAX_ROWS = 2000;

    public const MAX_COLUMNS = 30;

    /** Characters of one value. */
    public const MAX_LENGTH = 5000;

    /**
     * @param  list<Column>  $columns
     * @param  list<Row>  $rows
     */
    public function __construct(
        #[Is\Records(Column::class, self::MAX_COLUMNS)] public array $columns = [],
        #[Is\Records(Row::class, self::MAX_ROWS, quick: Row::class.'::plain')] public array $rows = [],
    ) {
    }

    public static function read(Reader $in): self
    {
        $sheet = self::of($in);
        foreach (['columns' => $sheet->columns, 'rows' => $sheet->rows] as $key => $all) {
            if (count(array_unique(array_map(fn (Column|Row $one): string => $one->id, $all))) !== count($all)) {
                $in->fail($key, 'two of these have the same id');
            }
        }

        return $sheet;
    }

    /** Whether a property among the parts of what has a sheet holds a row, or the order of them. */
    public static function isOfRows(string $part): bool
    {
        return $part === 'rows' || str_starts_with($part, self::ROW);
    }

    public function column(string $id): Column
    {
        foreach ($this->columns as $column) {
            if ($column->id === $id) {
                return $column;
            }
        }
        throw new InvalidInput('column', 'The column is no longer there; it may have been removed in another window.');
    }

    /** New ids for rows and columns of it. */
    public function ids(string $seed): Id
    {
        return Id::beside($seed, ...array_column($this->rows, 'id'), ...array_column($this->columns, 'id'));
    }

    public function row(string $id): Row
    {
        return $this->rows[$this->indexOf($id)];
    }

    public function indexOf(string $row): int
    {
        foreach ($this->rows as $i => $one) {
            if ($one->id === $row) {
                return $i;
            }
        }
        throw new InvalidInput('row', 'The row is no longer there; it may have been removed in another window.');
    }

    /** The column that feeds what of a layer; null where none does. */
    public function feeding(string $layer, Slot $slot): ?Column
    {
        foreach ($this->columns as $column) {
            if ($column->layer === $layer && $column->slot === $slot) {
                return $column;
            }
        }

        return null;
    }

    /**
     * With rows added at a place, within the limit.
     *
     * @param  list<Row>  $rows
     */
    public function withRows(array $rows, int $at): self
    {
        if (count($this->rows) + count($rows) > self::MAX_ROWS) {
            throw new InvalidInput('rows', 'A data sheet holds at most '.number_format(self::MAX_ROWS).' rows; with these it would have '.number_format(count($this->rows) + count($rows)).'. Nothing was changed.');
        }

        return $this->with(rows: [...array_slice($this->rows, 0, $at), ...$rows, ...array_slice($this->rows, $at)]);
    }

    public function withRow(Row $row): self
    {
        return $this->with(rows: array_map(fn (Row $one): Row => $one->id === $row->id ? $row : $one, $this->rows));
    }

    /** With a column in the place of the one with the same id, or at the end. */
    public function withColumn(Column $column): self
    {
        $ids = array_map(fn (Column $one): string => $one->id, $this->columns);
        if (in_array($column->id, $ids, true)) {
            return $this->with(columns: array_map(fn (Column $one): Column => $one->id === $column->id ? $column : $one, $this->columns));
        }
        if (count($this->columns) >= self::MAX_COLUMNS) {
            throw new InvalidInput('columns', 'A data sheet has at most '.self::MAX_COLUMNS.' columns. Nothing was changed.');
        }

        return $this->with(columns: [...$this->columns, $column]);
    }

    public function withoutColumn(string $id): self
    {
        return new self(
            array_values(array_filter($this->columns, fn (Column $column): bool => $column->id !== $id)),
            array_map(fn (Row $row): Row => $row->without($id), $this->rows),
        );
    }

    /** @return list<array<string, mixed>> */
    public function columnsToArray(): array
    {
        return array_map(fn (Column $column): array => $column->toArray(), $this->columns);
    }

    /** The rows as text to be kept, a line each: the id, a space and the values as they are written. */
    public function lines(): string
    {
        return implode("\n", array_map(fn (Row $row): string => "{$row->id} {$row->written}", $this->rows));
    }

    /** With the rows of what `lines` gave. */
    public function withLines(string $lines): self
    {
        $rows = [];
        foreach ($lines === '' ? [] : explode("\n", $lines) as $line) {
            $end = (int) strpos($line, ' ');
            $rows[] = Row::kept(substr($line, 0, $end), substr($line, $end + 1));
        }

        return new self($this->columns, $rows);
    }
}
