<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Described;
use Kindred\Property\Schema;
use Kindred\Property\Stored;

/**
 * A row of a data sheet, which is one cell of its array.
 *
 * Its values are kept as they are written, a JSON object, and are read when they are asked for: of a thousand rows an
 * edit looks at one. The same values in the same order are written the same.
 */
final readonly class Row implements Described, Stored
{
    private function __construct(public string $id, public string $written)
    {
    }

    /** @param  array<string, string>  $cells  by column id; what is missing is empty */
    public static function of(string $id, array $cells = []): self
    {
        return new self($id, json_encode((object) $cells, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /** A row from what `written` gave. */
    public static function kept(string $id, string $written): self
    {
        return new self($id, $written);
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

        return self::of($in->id('id'), $cells);
    }

    /** The same in a tenth of the time, for rows in canonical order, as nearly all are; null for others. */
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

        return self::of($data['id'], $cells);
    }

    /** @return array<string, string> by column id; what is missing is empty */
    public function cells(): array
    {
        return json_decode($this->written, true, 4, JSON_THROW_ON_ERROR); // @phpstan-ignore return.type (only `of` writes it)
    }

    public function with(string $column, string $value): self
    {
        return self::of($this->id, [...$this->cells(), $column => $value]);
    }

    public function without(string $column): self
    {
        return self::of($this->id, array_diff_key($this->cells(), [$column => true]));
    }

    /** @return array{id: string, cells: \stdClass} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'cells' => (object) $this->cells()];
    }

    public static function schema(Schema $schema): array
    {
        return ['type' => 'object', 'required' => ['id'], 'properties' => [
            'id' => ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')],
            'cells' => ['type' => 'object', 'additionalProperties' => ['type' => 'string', 'maxLength' => Sheet::MAX_LENGTH]],
        ]];
    }
}
