<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * One property of a thing in a document, declared at the parameter of its constructor:
 *
 *     #[Is\Number(0, 1, affects: Affects::Paint)] public float $opacity = 1,
 *
 * The parameter gives its name, its default and whether it can be null; reading, writing, the schema, editing and
 * comparing follow from both.
 *
 * @template T
 */
abstract class Property
{
    /** Of the parameter, and the key in what is written. */
    protected string $name = '';

    /** What it holds: a scalar type, an enum or a class. */
    protected string $type = 'mixed';

    private bool $nullable = false;

    /** Whether it must be there in what is read. */
    private bool $required = false;

    /** What it is when it is not there. */
    private mixed $default = null;

    /**
     * @param  Affects|null  $affects  null for what that of which it is a part has a say in
     * @param  string  $label  as people call it; empty where that is its name in words
     * @param  bool  $sparse  whether it is left out of what is written where it has its default
     * @param  bool|null  $given  whether it must be there in what is read; null where the parameter says it, which has a default or not
     * @param  list<mixed>  $absent  what it is where what is read leaves it out, when that is not the parameter's default: a list of one
     */
    public function __construct(
        public readonly ?Affects $affects = null,
        private readonly string $label = '',
        public readonly bool $sparse = false,
        private readonly ?bool $given = null,
        private readonly array $absent = [],
    ) {
    }

    /** @internal takes over what the parameter says of it */
    final public function declaredAt(\ReflectionParameter $parameter): static
    {
        $type = $parameter->getType();
        $this->name = $parameter->getName();
        $this->type = $type instanceof \ReflectionNamedType ? $type->getName() : 'mixed';
        $this->nullable = $type?->allowsNull() ?? true;
        $has = $this->absent !== [] || $parameter->isDefaultValueAvailable();
        $this->required = $this->given ?? (! $has && ! $this->nullable);
        $this->default = $this->absent !== [] ? $this->otherwise($this->absent[0]) : ($parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null);

        return $this;
    }

    /** Whether it must be there in what is read. */
    public function isRequired(): bool
    {
        return $this->required;
    }

    public function isNullable(): bool
    {
        return $this->nullable;
    }

    public function label(): string
    {
        return $this->label !== '' ? $this->label : strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $this->name));
    }

    /**
     * The value of the property in what a reader holds.
     *
     * @throws \Kindred\Input\InvalidInput where it is no value of it, or is not there and must be
     */
    public function read(Reader $in): mixed
    {
        return $this->required || $in->has($this->name) ? $this->value($in) : $this->default;
    }

    /**
     * A value as it is written: what JSON can hold.
     *
     * @param  T  $value
     */
    public function plain(mixed $value): mixed
    {
        return $value;
    }

    /** A default that is no parameter's, as an attribute can hold it, as it is. */
    protected function otherwise(mixed $absent): mixed
    {
        return $absent;
    }

    /** Whether a value is left out of what is written. */
    public function isLeftOut(mixed $value): bool
    {
        return $this->sparse && $value === $this->default;
    }

    /** @return array<string, mixed> what JSON Schema says of a value that is there */
    abstract public function schema(Schema $schema): array;

    /**
     * The value that is there, under its name.
     *
     * @return T
     */
    abstract protected function value(Reader $in): mixed;
}
