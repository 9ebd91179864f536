<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Chart\Points;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/**
 * Fills a block of a data sheet from a cell on, as pasted from a spreadsheet; rows and columns that are missing are added.
 * What comes into the first row with names above its values names the columns.
 */
final readonly class FillCells implements Command
{
    use OnSheet;

    /** What stands for a number that there is none of, and is no name. */
    private const MISSING = '~^([^\pL\pN]+|n\.?/?a\.?|nan|nil|null|none|missing|unknown|tbd)$~iuD';

    /** @param  list<list<string>>  $values  by row */
    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $row,
        private string $column,
        private array $values,
        private string $seed,
    ) {
    }

    public static function type(): string
    {
        return 'fill-cells';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->id('row'), $in->id('column'), self::table($in, 'values'), $in->string('seed', 64, false));
    }

    /**
     * Rows of texts, within the limits of a sheet.
     *
     * @return list<list<string>>
     */
    public static function table(Reader $in, string $key): array
    {
        $rows = $in->raw()[$key] ?? null;
        if (! is_array($rows) || ! array_is_list($rows) || $rows === []) {
            $in->fail($key, 'a list of rows is expected here');
        }
        if (count($rows) > Sheet::MAX_ROWS) {
            $in->fail($key, 'a data sheet holds at most '.number_format(Sheet::MAX_ROWS).' rows; these are '.number_format(count($rows)).'. Take the part that shows the design, and bring that in');
        }
        $out = [];
        foreach ($rows as $i => $row) {
            if (! is_array($row) || ! array_is_list($row) || count($row) > Sheet::MAX_COLUMNS) {
                $in->fail("{$key}[{$i}]", 'a list of at most '.Sheet::MAX_COLUMNS.' texts is expected here');
            }
            $texts = Reader::of(array_combine(array_map(fn (int $at): string => "at{$at}", array_keys($row)), $row), $in->at("{$key}[{$i}]"));
            $out[] = array_map(fn (int $at): string => $texts->string("at{$at}", Sheet::MAX_LENGTH), array_keys($row));
        }

        return $out;
    }

    public function apply(Tree $tree): Tree
    {
        $content = $this->content($tree);
        $sheet = $content->sheet();
        $ids = $sheet->ids($this->seed);
        $top = $sheet->indexOf($this->row);
        $sheet->column($this->column);
        $left = (int) array_search($this->column, array_map(fn (Column $column): string => $column->id, $sheet->columns), true);
        $names = $top === 0 ? $this->names($content, array_slice($sheet->columns, $left), $sheet->rows[0] ?? null) : [];
        $block = array_slice($this->values, $names === [] ? 0 : 1);
        $width = max(0, ...array_map(count(...), $this->values));
        for ($missing = $left + $width - count($sheet->columns); $missing > 0; $missing--) {
            $at = count($sheet->columns) - $left;
            $sheet = $sheet->withColumn($content->holding($sheet)->column($ids->next(), 'Column '.(count($sheet->columns) + 1), array_map(fn (array $row): string => $row[$at] ?? '', $block)));
        }
        foreach ($names as $at => $name) {
            $sheet = $name === '' ? $sheet : $sheet->withColumn($sheet->columns[$left + $at]->with(name: $name));
        }
        $short = $top + count($block) - count($sheet->rows);
        if ($short > 0) {
            $sheet = $sheet->withRows(array_map(fn (): Row => Row::of($ids->next()), range(1, $short)), count($sheet->rows));
        }
        $rows = $sheet->rows;
        foreach ($block as $i => $values) {
            foreach ($values as $j => $value) {
                $rows[$top + $i] = $rows[$top + $i]->with($sheet->columns[$left + $j]->id, $value);
            }
        }

        return $this->withSheet($tree, $sheet->with(rows: array_values($rows)));
    }

    /**
     * The first row where it holds names: those that the columns have, or, in a chart, words above numbers and no number. A column is
     * called after the words of the design, so what stands in the first row already is a value there.
     *
     * @param  list<Column>  $columns  into which it is pasted
     * @param  Row|null  $top  the first row as it is
     * @return list<string> none where it holds values
     */
    private function names(HasSheet $content, array $columns, ?Row $top): array
    {
        $asName = fn (string $text): string => mb_substr(trim((string) preg_replace('/\s+/u', ' ', $text)), 0, 120);
        $first = array_map($asName, $this->values[0]);
        $below = array_slice($this->values, 1);
        if ($below === [] || implode('', $first) === '') {
            return [];
        }
        $into = array_slice($columns, 0, count($first));
        $lower = array_map(mb_strtolower(...), $first);
        if ($lower === array_map(fn (Column $column): string => mb_strtolower($column->name), $into)) {
            $cells = $top?->cells() ?? [];

            return $lower === array_map(fn (Column $column): string => mb_strtolower($asName($cells[$column->id] ?? '')), $into) ? [] : $first;
        }
        $isNumber = fn (string $text): bool => Points::number($text) !== null;
        if (! $content instanceof Chart || array_filter($first, fn (string $text): bool => $isNumber($text) || preg_match(self::MISSING, $text) === 1) !== []) {
            return [];
        }
        foreach ($first as $at => $name) {
            $values = array_filter(array_map(fn (array $row): string => trim($row[$at] ?? ''), $below), fn (string $text): bool => $text !== '');
            if ($name !== '' && $values !== [] && array_filter($values, $isNumber) === $values) {
                return $first;
            }
        }

        return [];
    }

    public function label(Tree $before): string
    {
        return 'Paste '.count($this->values).' rows into '.$this->nameOf($before);
    }
}
