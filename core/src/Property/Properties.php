<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/** The properties that a class declares, in the order of its constructor. */
final readonly class Properties
{
    /** @var array<string, mixed> what each is when it is not there, by name */
    private array $defaults;

    /** @var array<string, mixed> the same as they are written; without those that are not there then */
    private array $plain;

    /** @var array<string, true> those that must be there in what is read */
    private array $required;

    /** @var list<Spread<mixed>> those whose parts are written beside the others */
    private array $spreads;

    /** @param  array<string, Property<mixed>>  $all  by name */
    private function __construct(public string $class, public array $all)
    {
        $this->defaults = array_map(fn (Property $property): mixed => $property->default(), array_filter($all, fn (Property $property): bool => ! $property instanceof Spread));
        $this->plain = array_filter(array_map(fn (Property $property): mixed => $property->plainDefault(), $all), fn (mixed $plain): bool => $plain !== null);
        $this->spreads = array_values(array_filter($all, fn (Property $property): bool => $property instanceof Spread));
        $this->required = array_map(fn (): true => true, array_filter($all, fn (Property $property): bool => $property->isRequired() || $property instanceof Spread));
    }

    /** @param  class-string  $class */
    public static function of(string $class): self
    {
        /** @var array<class-string, self> $known */
        static $known = [];

        return $known[$class] ??= self::declaredIn($class);
    }

    /**
     * @param  array<string, mixed>  $given  what is not to be read, by name
     * @return list<mixed> the arguments of the constructor, in order
     */
    public function read(Reader $in, array $given = []): array
    {
        $values = [];
        $data = $in->raw();
        $kept = $in->isLenient();
        foreach ($this->all as $name => $property) {
            if ($given !== [] && array_key_exists($name, $given)) {
                $values[] = $given[$name];
            } elseif (! isset($data[$name])) {
                $values[] = isset($this->required[$name]) ? $property->value($in) : $this->defaults[$name];
            } else {
                // Most of what is kept is as it usually is, and need not be looked at any further.
                $values[] = $kept && isset($this->plain[$name]) && $data[$name] == $this->plain[$name] ? $this->defaults[$name] : $property->value($in); // @phpstan-ignore equal.notAllowed (JSON has 0 for 0.0)
            }
        }

        return $values;
    }

    /**
     * @param  array<string, true>  $but  what is left out
     * @param  object|null  $beside  another of the class: what both hold, the very same, is left out, too
     * @return array<string, mixed> as JSON can hold it
     */
    public function write(object $of, array $but = [], ?object $beside = null): array
    {
        $out = [];
        foreach ($beside === null ? $this->all : array_intersect_key($this->all, self::apart($of, $beside)) as $name => $property) {
            if ($but !== [] && isset($but[$name])) {
                continue;
            }
            $value = $of->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            if ($property instanceof Spread) {
                $out += $property->spread($value);
            } elseif ($value === $this->defaults[$name]) {
                if (! $property->sparse) {
                    $out[$name] = $this->plain[$name] ?? null;
                }
            } else {
                $plain = is_string($value) || is_float($value) || is_bool($value) ? $value : ($value === null ? null : $property->plain($value));
                // Values that are written alike are the same, whichever object holds them.
                if (! $property->sparse || ($plain !== [] && $plain !== ($this->plain[$name] ?? null))) {
                    $out[$name] = $plain;
                }
            }
        }

        return $out;
    }

    /** @return array<string, true> the names of the properties in which two things of a class do not hold the very same */
    private static function apart(object $a, object $b): array
    {
        $apart = [];
        $others = get_object_vars($b);
        foreach (get_object_vars($a) as $name => $value) {
            if ($value !== $others[$name]) {
                $apart[(string) $name] = true;
            }
        }

        return $apart;
    }

    /**
     * A copy of a thing with some properties replaced.
     *
     * @template T of object
     *
     * @param  T  $thing
     * @param  array<string, mixed>  $changes  by name
     * @return T
     */
    public static function with(object $thing, array $changes): object
    {
        $with = method_exists($thing, 'with') ? $thing->with(...$changes) : null;

        return $with instanceof $thing ? $with : throw new \LogicException($thing::class.' cannot be changed.');
    }

    /**
     * A thing with all values of a class in it replaced, however deep they lie.
     *
     * @template T of object
     * @template V of object
     *
     * @param  T  $thing
     * @param  class-string<V>  $class
     * @param  \Closure(V): V  $by
     * @return T
     */
    public static function mapped(object $thing, string $class, \Closure $by): object
    {
        $changes = [];
        foreach (self::of($thing::class)->holding($class) as $name => $property) {
            $value = $thing->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            $new = match (true) {
                $value instanceof $class => $by($value),
                $value instanceof Stored => self::mapped($value, $class, $by),
                $property instanceof Records && is_array($value) => self::mappedAll($value, $class, $by),
                default => $value,
            };
            if ($new !== $value) {
                $changes[$name] = $new;
            }
        }

        return $changes === [] ? $thing : self::with($thing, $changes);
    }

    /**
     * Whether two things of the class are the very same but in what affects less.
     *
     * @param  Affects  $by  Layout: in paint and in nothing they may differ; Paint: in nothing
     */
    public function isSame(object $a, object $b, Affects $by): bool
    {
        foreach ($this->affecting($by) as $name) {
            if ($a->{$name} !== $b->{$name}) { // @phpstan-ignore property.dynamicName, property.dynamicName (its class declares it)
                return false;
            }
        }

        return true;
    }

    /** @return list<string> the names of the properties that affect so much, or more */
    public function affecting(Affects $by): array
    {
        /** @var array<string, list<string>> $known */
        static $known = [];

        return $known["{$this->class} {$by->name}"] ??= array_keys(array_filter($this->all, fn (Property $property): bool => match ($property->affects ?? Affects::Layout) {
            Affects::Layout => true,
            Affects::Paint => $by !== Affects::Layout,
            Affects::Nothing => $by === Affects::Nothing,
        }));
    }

    /**
     * Those in which there can be values of a class.
     *
     * @param  class-string  $class
     * @return array<string, Property<mixed>>
     */
    public function holding(string $class): array
    {
        /** @var array<string, array<string, Property<mixed>>> $known */
        static $known = [];

        return $known["{$this->class} {$class}"] ??= array_filter($this->all, fn (Property $property): bool => $property->holds($class));
    }

    /** Whether there is a thing with the usual values only: some must be given, such as an id. */
    public function canBeBlank(): bool
    {
        /** @var array<string, bool> $known */
        static $known = [];

        return $known[$this->class] ??= array_filter($this->all, fn (Property $property): bool => $property->default() === null && ! $property->isNullable()) === [];
    }

    /** A thing with the usual values only. */
    public function blank(): object
    {
        return new $this->class(...array_map(fn (Property $property): mixed => $property->default(), array_values($this->all)));
    }

    /**
     * What is written under a name by a property that is spread.
     *
     * @return Property<mixed>|null
     */
    public function spread(?object $of, string $name): ?Property
    {
        $spread = $this->spreadWith($of, $name);

        return $spread?->parts($of?->{$spread->name()})[$name] ?? null; // @phpstan-ignore property.dynamicName (its class declares it)
    }

    /**
     * The property that writes something under a name.
     *
     * @return Spread<mixed>|null
     */
    public function spreadWith(?object $of, string $name): ?Spread
    {
        foreach ($this->spreads as $property) {
            if (isset($property->parts($of?->{$property->name()})[$name])) { // @phpstan-ignore property.dynamicName (its class declares it)
                return $property;
            }
        }

        return null;
    }

    /**
     * @template V of object
     *
     * @param  array<mixed>  $all
     * @param  class-string<V>  $class
     * @param  \Closure(V): V  $by
     * @return array<mixed> the very same where nothing of it is another
     */
    private static function mappedAll(array $all, string $class, \Closure $by): array
    {
        $new = array_map(fn (mixed $one): mixed => is_object($one) ? self::mapped($one, $class, $by) : $one, $all);

        return $new === $all ? $all : $new;
    }

    /** @param  class-string  $class */
    private static function declaredIn(string $class): self
    {
        $all = [];
        $parameters = (new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
        foreach ($parameters as $parameter) {
            $declared = $parameter->getAttributes(Property::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
            if ($declared !== null) {
                $all[$parameter->getName()] = $declared->newInstance()->declaredAt($parameter);
            }
        }
        // One that declares none reads and writes itself.
        if ($all !== [] && count($all) < count($parameters)) {
            throw new \LogicException("{$class} does not declare all that its constructor takes.");
        }

        return new self($class, $all);
    }
}
