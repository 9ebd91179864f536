<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Sheet\Sheet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Property;
use Kindred\Property\Schema;

/**
 * Where cells of an array differ from its design: values as the layers of the design would write them, by row,
 * layer and path of the property. What a layer, which may have become another, has no use for is passed over.
 *
 * @extends Property<array<string, array<string, array<string, mixed>>>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Overrides extends Property
{
    public function plain(mixed $value): object
    {
        return (object) array_map(fn (array $layers): object => (object) array_map(fn (array $values): object => (object) $values, $layers), $value);
    }

    public function schema(Schema $schema): array
    {
        $by = fn (array $inner): array => ['type' => 'object', 'additionalProperties' => $inner];

        return $by($by($by(['type' => ['string', 'number', 'boolean', 'null', 'object', 'array'], 'maxLength' => Sheet::MAX_LENGTH])));
    }

    /** @return array<string, array<string, array<string, mixed>>> */
    public function value(Reader $in): array
    {
        $out = [];
        foreach (self::inside($in->optional($this->name)?->raw()) as $row => $layers) {
            foreach (self::inside($layers) as $layer => $values) {
                foreach (self::inside($values) as $path => $value) {
                    if (is_string($value) ? mb_strlen($value) > Sheet::MAX_LENGTH : ! (is_scalar($value) || $value === null || is_array($value) || $value instanceof \stdClass)) {
                        throw new InvalidInput($in->at("{$this->name}.{$row}.{$layer}.{$path}"), 'text of at most '.Sheet::MAX_LENGTH.' characters, a number, true or false is expected here');
                    }
                    $out[(string) $row][(string) $layer][(string) $path] = $value;
                }
            }
        }

        return $out;
    }

    /** @return array<array-key, mixed> */
    private static function inside(mixed $value): array
    {
        return is_array($value) || $value instanceof \stdClass ? (array) $value : [];
    }
}
