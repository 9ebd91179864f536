<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Screen;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Token\Token;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Property;
use Kindred\Property\Refers;
use Kindred\Property\Schema;

/**
 * Where copies differ from their design: values as the layers of the design would write them, by row of a sheet,
 * layer and path of the property (three levels), or by layer and path (two). What a layer, which may have
 * become another, has no use for is passed over.
 *
 * @extends Property<array<string, mixed>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Overrides extends Property implements Refers
{
    /** Values in all at most. */
    public const MAX = 20_000;

    /** @param  int<2, 3>  $levels */
    public function __construct(public readonly int $levels = 3, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function plain(mixed $value): object
    {
        return $this->objects($value, $this->levels);
    }

    public function holds(string $class): bool
    {
        return $class === Refers::class;
    }

    /** The components that instances in copies show, and the tokens whose values something in them has. */
    public function references(mixed $value, object $of): array
    {
        $named = [];
        foreach (! is_array($value) ? [] : ($this->levels === 3 ? array_values($value) : [$value]) as $layers) {
            $layers = array_map(fn (mixed $values): array => self::inside($values), self::inside($layers));
            array_push($named, ...array_map(fn (string $id): array => [Screen::class, $id], OverrideValues::components($layers)), ...array_map(fn (string $id): array => [Token::class, $id], OverrideValues::tokens($layers)));
        }

        return array_values(array_unique($named, SORT_REGULAR));
    }

    /** @param  array<array-key, mixed>  $values */
    private function objects(array $values, int $levels): object
    {
        return (object) ($levels === 1 ? $values : array_map(fn (mixed $one): object => $this->objects(self::inside($one), $levels - 1), $values));
    }

    public function schema(Schema $schema): array
    {
        $rules = ['type' => ['string', 'number', 'boolean', 'null', 'object', 'array'], 'maxLength' => Sheet::MAX_LENGTH];
        for ($level = 0; $level < $this->levels; $level++) {
            $rules = ['type' => 'object', 'additionalProperties' => $rules];
        }

        return $rules;
    }

    /** @return array<string, mixed> */
    public function value(Reader $in): array
    {
        $count = 0;

        return $this->levelled(self::inside($in->optional($this->name)?->raw()), $this->levels, $in, $this->name, $count);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     */
    private function levelled(array $data, int $levels, Reader $in, string $at, int &$count): array
    {
        $out = [];
        foreach ($data as $key => $value) {
            if ($levels > 1) {
                $out[(string) $key] = $this->levelled(self::inside($value), $levels - 1, $in, "{$at}.{$key}", $count);

                continue;
            }
            if (is_string($value) ? mb_strlen($value) > Sheet::MAX_LENGTH : ! (is_scalar($value) || $value === null || is_array($value) || $value instanceof \stdClass)) {
                throw new InvalidInput($in->at("{$at}.{$key}"), 'text of at most '.Sheet::MAX_LENGTH.' characters, a number, true or false is expected here');
            }
            if ($count++ >= self::MAX && ! $in->isLenient()) {
                throw new InvalidInput($in->at($this->name), 'at most '.number_format(self::MAX).' values can be set for copies alone');
            }
            $out[(string) $key] = $value;
        }

        return $out;
    }

    /** @return array<array-key, mixed> */
    private static function inside(mixed $value): array
    {
        return is_array($value) || $value instanceof \stdClass ? (array) $value : [];
    }
}
