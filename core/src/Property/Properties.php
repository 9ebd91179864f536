<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/** The properties that a class declares, in the order of its constructor. */
final readonly class Properties
{
    /** @param  array<string, Property<mixed>>  $all  by name */
    private function __construct(public string $class, public array $all)
    {
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
     * @return array<string, mixed> the arguments of the constructor, in order
     */
    public function read(Reader $in, array $given = []): array
    {
        $values = [];
        foreach ($this->all as $name => $property) {
            $values[$name] = array_key_exists($name, $given) ? $given[$name] : $property->read($in);
        }

        return $values;
    }

    /**
     * @param  array<string, true>  $but  what is left out
     * @return array<string, mixed> as JSON can hold it
     */
    public function write(object $of, array $but = []): array
    {
        $out = [];
        foreach ($this->all as $name => $property) {
            $value = $of->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            if (isset($but[$name]) || $property->isLeftOut($value)) {
                continue;
            }
            if ($property instanceof Spread) {
                $out += $property->spread($value);
            } else {
                $out[$name] = $value === null ? null : $property->plain($value);
            }
        }

        return $out;
    }

    /** @param  class-string  $class */
    private static function declaredIn(string $class): self
    {
        $all = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $declared = $parameter->getAttributes(Property::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
            if ($declared === null) {
                throw new \LogicException("{$class} does not declare what \${$parameter->getName()} is.");
            }
            $all[$parameter->getName()] = $declared->newInstance()->declaredAt($parameter);
        }

        return new self($class, $all);
    }
}
