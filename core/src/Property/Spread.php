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

    /**
     * What it is made of, by key; of what can be several things, of the one that it is.
     *
     * @param  T|null  $value
     * @return array<string, Property<mixed>>
     */
    abstract public function parts(mixed $value): array;

    /**
     * @param  T  $value
     * @return T with one of its parts set
     */
    abstract public function putting(mixed $value, string $key, mixed $part): mixed;

    /** @return list<string> the keys under which other things may be named */
    public function referring(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->parts(null), fn (Property $part): bool => $part->holds(Refers::class))));
    }

    /** @return array<string, array<string, mixed>> by key */
    abstract public function schemas(Schema $schema): array;

    /** @return list<array<string, mixed>> what holds in some cases only, as `if` and `then` */
    public function cases(Schema $schema): array
    {
        return [];
    }

    /** @return list<string> the keys that must be there */
    abstract public function mustHave(): array;

    final public function schema(Schema $schema): array
    {
        throw new \LogicException('What is spread has no schema of its own.');
    }
}
