<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;
use Kindred\Property\AsClass;
use Kindred\Property\Properties;
use Kindred\Property\Refers;
use Kindred\Property\Schema;
use Kindred\Property\Spread;

/**
 * What a layer is, as its `kind` and the properties of that kind.
 *
 * @extends Spread<LayerContent>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Content extends Spread
{
    public function read(Reader $in): LayerContent
    {
        return $this->value($in);
    }

    public function spread(mixed $value): array
    {
        return ['kind' => $value::kind()] + $value->toArray();
    }

    public function holds(string $class): bool
    {
        // What it says of itself it paints itself.
        return ! is_a($class, AsClass::class, true) && array_filter(Kinds::ALL, fn (string $kind): bool => Properties::of($kind)->holding($class) !== []) !== [];
    }

    public function parts(mixed $value): array
    {
        return $value === null ? [] : Properties::of($value::class)->all;
    }

    public function referring(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (string $kind): array => array_keys(Properties::of($kind)->holding(Refers::class)), Kinds::ALL))));
    }

    public function putting(mixed $value, string $key, mixed $part): LayerContent
    {
        return Properties::with($value, [$key => $part]);
    }

    /** What each kind has of its own stands under `kinds` in the schema of a layer. */
    public function schemas(Schema $schema): array
    {
        return ['kind' => ['enum' => array_map(fn (string $class): string => $class::kind(), Kinds::ALL)]];
    }

    public function mustHave(): array
    {
        return ['kind'];
    }

    public function value(Reader $in): LayerContent
    {
        return Kinds::read($in);
    }
}
