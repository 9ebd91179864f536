<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** A row of a data sheet, which is one cell of its array. */
final readonly class Row
{
    /** @param  array<string, string>  $cells  by column id; what is missing is empty */
    public function __construct(public string $id, public array $cells = [])
    {
    }

    public static function read(Reader $in): self
    {
        $cells = [];
        foreach ($in->optional('cells')?->raw() ?? [] as $column => $value) {
            if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || mb_strlen($value) > Sheet::MAX_LENGTH) {
                throw new InvalidInput($in->at("cells.{$column}"), 'text of at most '.Sheet::MAX_LENGTH.' characters is expected here');
            }
            $cells[(string) $column] = $value;
        }

        return new self($in->id('id'), $cells);
    }

    /** The same for what is in order, which in a sheet of a thousand rows is nearly all, in a tenth of the time; null otherwise. */
    public static function plain(mixed $data): ?self
    {
        $cells = is_array($data) ? $data['cells'] ?? [] : null;
        if (! is_array($cells) || ! is_string($data['id'] ?? null) || preg_match(Reader::ID, $data['id']) !== 1) {
            return null;
        }
        foreach ($cells as $column => $value) {
            if (! is_string($column) || ! is_string($value) || strlen($value) > Sheet::MAX_LENGTH || ! mb_check_encoding($value, 'UTF-8')) {
                return null;
            }
        }

        return new self($data['id'], $cells);
    }

    public function with(string $column, string $value): self
    {
        return new self($this->id, [...$this->cells, $column => $value]);
    }

    public function without(string $column): self
    {
        return new self($this->id, array_diff_key($this->cells, [$column => true]));
    }

    /** @return array{id: string, cells: \stdClass} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'cells' => (object) $this->cells];
    }
}
