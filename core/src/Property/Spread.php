<?php

declare(strict_types=1);

namespace Kindred\Property;

/**
 * A property that is written as several of the thing that has it.
 *
 * @template T
 *
 * @extends Property<T>
 */
abstract class Spread extends Property
{
    /**
     * @param  T  $value
     * @return array<string, mixed> what is written of a value, by key
     */
    abstract public function spread(mixed $value): array;

    /** @return array<string, array<string, mixed>> by key */
    abstract public function schemas(Schema $schema): array;

    /** @return list<string> the keys that must be there */
    abstract public function mustHave(): array;

    final public function schema(Schema $schema): array
    {
        throw new \LogicException('What is spread has no schema of its own.');
    }
}
