<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\InvalidInput;
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

    /** The same as it is written. */
    private mixed $plainDefault = null;

    /**
     * @param  Affects|null  $affects  null for what that of which it is a part has a say in
     * @param  string  $label  as people call it; empty where that is its name in words
     * @param  bool|null  $look  whether it makes up how its thing looks, apart from what that is and where it lies; null where that of which it is a part says it
     * @param  bool|null  $overridable  whether it can be otherwise in one cell, or one copy, than in the design; null where that of which it is a part says it
     * @param  bool  $field  whether what is typed or chosen sets it; otherwise a command of its own does
     * @param  list<string>  $tries  values that are worth seeing side by side, as they are typed; `*1.5` is about the value that there is
     * @param  bool  $sparse  whether it is left out of what is written where it has its default, or nothing in it
     * @param  bool|null  $given  whether it must be there in what is read; null where the parameter says it, which has a default or not
     * @param  list<mixed>  $absent  what it is where what is read leaves it out, when that is not the parameter's default: a list of one
     */
    public function __construct(
        public readonly ?Affects $affects = null,
        private readonly string $label = '',
        public readonly ?bool $look = null,
        public readonly ?bool $overridable = null,
        public readonly bool $field = true,
        public readonly array $tries = [],
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

        $this->plainDefault = $this->default === null || $this instanceof Spread ? null : $this->plain($this->default);

        return $this;
    }

    /** Of the parameter, and the key in what is written. */
    public function name(): string
    {
        return $this->name;
    }

    /** What it holds: a scalar type, an enum or a class. */
    public function type(): string
    {
        return $this->type;
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

    /** What it is when it is not there. */
    public function default(): mixed
    {
        return $this->default;
    }

    /**
     * What is typed, as a value; empty is none, where it can be.
     *
     * @param  mixed  $has  what it has now
     *
     * @throws InvalidInput naming `value` where it is none of its values
     */
    final public function typed(string $text, mixed $has, Typing $typing): mixed
    {
        if ($this->nullable && trim($text) === '') {
            return null;
        }
        try {
            return $this->entered($text, $has, $typing);
        } catch (InvalidInput $problem) {
            throw new InvalidInput('value', $problem->problem);
        }
    }

    /** A value as its field shows it and as it can be typed. */
    public function shown(mixed $value): string
    {
        $plain = $value === null ? '' : $this->plain($value);

        return is_bool($plain) ? ($plain ? 'true' : 'false') : (is_scalar($plain) ? (string) $plain : '');
    }

    /** @return array<array-key, string>|null the choices that there are in words, by what is sent; null where it is typed */
    public function options(): ?array
    {
        return null;
    }

    /** How it goes from one value to another over time, as far as it is seen. */
    public function animation(): Animation
    {
        return Animation::Discrete;
    }

    /** Whether one value that stands elsewhere, a token or a signal, can be its value. */
    public function isBindable(): bool
    {
        return true;
    }

    /** @return list<string> values that are worth seeing side by side, as they are typed */
    public function tries(): array
    {
        return $this->tries;
    }

    /**
     * The value of the property in what a reader holds.
     *
     * @throws InvalidInput where it is no value of it, or is not there and must be
     */
    public function read(Reader $in): mixed
    {
        return $this->required || $in->has($this->name) ? $this->value($in) : $this->default;
    }

    /** What `plain` makes of what it is when it is not there. */
    public function plainDefault(): mixed
    {
        return $this->plainDefault;
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

    /**
     * Typed as it is written, unless a kind of property knows better.
     *
     * @throws InvalidInput
     */
    protected function entered(string $text, mixed $has, Typing $typing): mixed
    {
        return $this->value(Reader::of([$this->name => $text]));
    }

    /**
     * Whether there can be values of a class in it.
     *
     * @param  class-string  $class
     */
    public function holds(string $class): bool
    {
        return is_a($this->type, $class, true);
    }

    /** @return array<string, mixed> what JSON Schema says of a value that is there */
    abstract public function schema(Schema $schema): array;

    /**
     * The value that is there, under its name.
     *
     * @return T
     *
     * @throws InvalidInput where it is no value of it
     */
    abstract public function value(Reader $in): mixed;
}
