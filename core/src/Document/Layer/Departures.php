<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Sheet\Sheet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Property;
use Kindred\Property\Schema;

/**
 * Where the cells of an array depart from its design: values as they are typed, by row, layer and field.
 *
 * @extends Property<array<string, array<string, array<string, string>>>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Departures extends Property
{
    public function plain(mixed $value): object
    {
        return (object) array_map(fn (array $layers): object => (object) array_map(fn (array $fields): object => (object) $fields, $layers), $value);
    }

    public function schema(Schema $schema): array
    {
        $by = fn (array $inner): array => ['type' => 'object', 'additionalProperties' => $inner];

        return $by($by($by(['type' => 'string', 'maxLength' => Sheet::MAX_LENGTH])));
    }

    /** @return array<string, array<string, array<string, string>>> */
    protected function value(Reader $in): array
    {
        $out = [];
        foreach ($in->optional($this->name)?->raw() ?? [] as $row => $layers) {
            foreach (is_array($layers) || $layers instanceof \stdClass ? (array) $layers : [] as $layer => $fields) {
                foreach (is_array($fields) || $fields instanceof \stdClass ? (array) $fields : [] as $field => $value) {
                    if (! is_string($value) || mb_strlen($value) > Sheet::MAX_LENGTH) {
                        throw new InvalidInput($in->at("{$this->name}.{$row}.{$layer}.{$field}"), 'a value as it is typed is expected here');
                    }
                    $out[(string) $row][(string) $layer][(string) $field] = $value;
                }
            }
        }

        return $out;
    }
}
