<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Chart\Points;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/**
 * A table in a text file: comma-separated values (RFC 4180), the same with semicolons, tabs or bars, or
 * plain text with a value a line. The encoding is read off its marks, or guessed.
 */
final readonly class SheetFile
{
    public const MAX_BYTES = 8 * 1024 * 1024;

    /** Delimiters in a line, at which nobody asks any more how many columns it has. */
    private const LONGEST_LINE = 500;

    private const DELIMITERS = [',' => 'commas', ';' => 'semicolons', "\t" => 'tabs', '|' => 'bars'];

    /**
     * @param  list<string>  $headers  empty where the first row is no header
     * @param  list<list<string>>  $rows
     * @param  string  $encoding  by its name of the IANA
     * @param  string  $separated  by what: "commas", or "lines" in plain text
     */
    private function __construct(public array $headers, public array $rows, public string $encoding, public string $separated)
    {
    }

    /** @throws InvalidInput when it is no text, holds nothing, or is too large */
    public static function read(string $bytes): self
    {
        if (strlen($bytes) > self::MAX_BYTES) {
            throw new InvalidInput('file', 'The file is larger than '.(self::MAX_BYTES >> 20).' MB. Take the part that shows the design, and bring that in.');
        }
        [$text, $encoding] = self::decoded($bytes);
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        if (trim($text) === '') {
            throw new InvalidInput('file', 'There is nothing in the file. Nothing was changed.');
        }
        $delimiter = self::delimiter($text);
        $rows = self::fitting($delimiter === null ? self::lines($text) : self::split($text, $delimiter));
        if ($rows === []) {
            throw new InvalidInput('file', 'There is nothing in the file. Nothing was changed.');
        }
        $headers = self::isHeader($rows) ? array_map(trim(...), array_shift($rows)) : [];

        return new self($headers, $rows, $encoding, $delimiter === null ? 'lines' : self::DELIMITERS[$delimiter]);
    }

    /** How many columns its widest row has. */
    public function width(): int
    {
        return max(count($this->headers), ...array_map(count(...), $this->rows === [] ? [[]] : $this->rows));
    }

    /**
     * For each column of the file the column of a sheet that it seems to belong to: by the same name, then by one that
     * holds the other; in order where the file has no headers, or none that the sheet of a chart knows. Each is taken once.
     *
     * @return list<string|null> ids
     */
    public function matched(Sheet $sheet): array
    {
        $free = $columns = [];
        foreach ($sheet->columns as $column) {
            $free[$column->id] = self::plain($column->name);
            $columns[$column->id] = $column;
        }
        $matched = array_fill(0, $this->width(), null);
        $known = [];
        $suits = function (string $id, int $i) use ($columns, &$known): bool {
            return $known[$columns[$id]->slot->value][$i] ??= $this->suits($columns[$id]->slot, $i);
        };
        $ofChart = array_filter($sheet->columns, fn (Column $column): bool => $column->slot === Slot::Label || $column->slot === Slot::Value) !== [];
        if ($this->headers === [] || ($ofChart && ! $this->names($sheet))) {
            foreach (array_keys($matched) as $i) {
                $fitting = array_filter(array_keys($free), fn (string $id): bool => $suits($id, $i));
                $matched[$i] = $fitting === [] ? null : reset($fitting);
                unset($free[$matched[$i] ?? '']);
            }

            return $matched;
        }
        foreach ([fn (string $a, string $b): bool => $a === $b, fn (string $a, string $b): bool => $a !== '' && $b !== '' && (str_contains($a, $b) || str_contains($b, $a))] as $alike) {
            foreach ($this->headers as $i => $header) {
                foreach ($matched[$i] === null ? $free : [] as $id => $name) {
                    if ($alike(self::plain($header), $name) && $suits($id, $i)) {
                        $matched[$i] = $id;
                        unset($free[$id]);
                        break;
                    }
                }
            }
        }

        return $matched;
    }

    /** Whether a header of the file is the name of a column of a sheet. */
    private function names(Sheet $sheet): bool
    {
        $names = array_map(fn (Column $column): string => self::plain($column->name), $sheet->columns);

        return array_intersect(array_map(self::plain(...), $this->headers), $names) !== [];
    }

    /** Whether what stands in a column of the file can be what such a column of the sheet feeds: words are no pictures. */
    private function suits(Slot $slot, int $i): bool
    {
        $suits = fn (string $value): bool => $value === '' || match ($slot) {
            Slot::Words, Slot::Label => true,
            Slot::Value, Slot::Goal => Points::numbers($value) !== null,
            Slot::Picture => preg_match('/^[0-9a-f]{64}$/D', $value) === 1,
            Slot::Colour => self::isColour($value),
            Slot::Shown => preg_match('/^(yes|no|true|false|on|off|hidden|shown|[01-])$/Di', $value) === 1,
        };

        foreach ($this->rows as $row) {
            if (! $suits(trim($row[$i] ?? ''))) {
                return false;
            }
        }

        return true;
    }

    private static function isColour(string $value): bool
    {
        try {
            Colour::parse($value);

            return true;
        } catch (InvalidInput) {
            return false;
        }
    }

    /** @return array{string, string} */
    private static function decoded(string $bytes): array
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return [mb_convert_encoding(substr($bytes, strlen($mark)), 'UTF-8', $encoding), $encoding];
            }
        }
        // Without a mark, every other byte of Latin text in UTF-16 is nought.
        $start = substr($bytes, 0, 2000);
        if (substr_count($start, "\0") > strlen($start) / 4) {
            $encoding = ($start[0] ?? '') === "\0" ? 'UTF-16BE' : 'UTF-16LE';

            return [mb_convert_encoding($bytes, 'UTF-8', $encoding), $encoding];
        }
        if (str_contains($start, "\0") || preg_match('/[\x01-\x08\x0E-\x1A\x1C-\x1F]/', $start) === 1) {
            throw new InvalidInput('file', 'This is not a text file. Save the table as CSV, and bring that in. Nothing was changed.');
        }

        return mb_check_encoding($bytes, 'UTF-8') ? [$bytes, 'UTF-8'] : [mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), 'windows-1252'];
    }

    /** The one that cuts the first lines most evenly, then into most columns; null where none cuts most of them. */
    private static function delimiter(string $text): ?string
    {
        $best = null;
        $max = [0.6, 1];
        foreach (array_keys(self::DELIMITERS) as $delimiter) {
            $widths = [];
            foreach (self::split($text, $delimiter) as $row) {
                $widths[] = count($row);
                if (count($widths) === 20) {
                    break;
                }
            }
            $usual = array_count_values($widths);
            arsort($usual);
            $width = (int) array_key_first($usual);
            $even = [($usual[$width] ?? 0) / max(1, count($widths)), $width];
            if ($width > 1 && $even > $max) {
                [$best, $max] = [$delimiter, $even];
            }
        }

        return $best;
    }

    /** @return \Generator<list<string>> */
    private static function split(string $text, string $delimiter): \Generator
    {
        // Such a line would be taken apart as a whole before it could be counted.
        if (preg_match('/^(?:[^'.preg_quote($delimiter, '/').'\n]*+'.preg_quote($delimiter, '/').'){'.self::LONGEST_LINE.'}/m', $text) === 1) {
            throw new InvalidInput('file', 'A row has more than '.number_format(self::LONGEST_LINE).' '.self::DELIMITERS[$delimiter].'; a data sheet has at most '.Sheet::MAX_COLUMNS.' columns. Nothing was changed.');
        }
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            throw new \RuntimeException('No temporary stream could be opened.');
        }
        fwrite($stream, $text);
        rewind($stream);
        while (($row = fgetcsv($stream, null, $delimiter, '"', '')) !== false) {
            yield array_map(fn (mixed $value): string => is_string($value) ? $value : '', $row);
        }
        fclose($stream);
    }

    /** @return \Generator<list<string>> a value a line */
    private static function lines(string $text): \Generator
    {
        for ($at = 0; $at < strlen($text); $at += strlen($line) + 1) {
            $line = substr($text, $at, strcspn($text, "\n", $at));
            yield [trim($line)];
        }
    }

    /**
     * The rows that are not empty, read no further than a data sheet goes.
     *
     * @param  iterable<list<string>>  $all
     * @return list<list<string>>
     */
    private static function fitting(iterable $all): array
    {
        $rows = [];
        foreach ($all as $row) {
            if (implode('', $row) === '') {
                continue;
            }
            $rows[] = $row;
            $at = count($rows);
            if ($at > Sheet::MAX_ROWS + 1) {
                throw new InvalidInput('file', 'The file has more than '.number_format(Sheet::MAX_ROWS).' rows, which is the most that a data sheet holds. Take the part that shows the design, and bring that in. Nothing was changed.');
            }
            if (count($row) > Sheet::MAX_COLUMNS) {
                throw new InvalidInput('file', "Row {$at} has ".count($row).' columns; a data sheet has at most '.Sheet::MAX_COLUMNS.'. Nothing was changed.');
            }
            foreach ($row as $value) {
                if (mb_strlen($value) > Sheet::MAX_LENGTH) {
                    throw new InvalidInput('file', "A value in row {$at} is longer than ".number_format(Sheet::MAX_LENGTH).' characters. Nothing was changed.');
                }
            }
        }

        return $rows;
    }

    /**
     * A first row is a header where each of its values is short, they differ, and none is a number, in a table of
     * more than one column.
     *
     * @param  list<list<string>>  $rows
     */
    private static function isHeader(array $rows): bool
    {
        $first = array_map(trim(...), $rows[0] ?? []);

        return count($rows) > 1 && count($first) > 1 && count(array_unique($first)) === count($first)
            && array_filter($first, fn (string $value): bool => $value === '' || mb_strlen($value) > 40 || preg_match('/^[\s€$£]*[-+]?\d/u', $value) === 1) === [];
    }

    private static function plain(string $name): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name));
    }
}
