<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A JSON Schema (draft 2020-12) in the making: each class that is named has its definition once. */
final class Schema
{
    /** @var array<string, array<string, mixed>> */
    private array $definitions = [];

    /**
     * @param  class-string  $class
     * @return array{'$ref': string}
     */
    public function of(string $class): array
    {
        $name = lcfirst((string) preg_replace('/^.*\\\\/', '', $class));
        if (! isset($this->definitions[$name])) {
            // What holds itself comes by here once more.
            $this->definitions[$name] = [];
            $this->definitions[$name] = is_a($class, Described::class, true) ? $class::schema($this) : $this->object(Properties::of($class));
        }

        return ['$ref' => "#/\$defs/{$name}"];
    }

    /**
     * @param  array<string, array<string, mixed>>  $more  properties that are not declared, by name
     * @param  list<string>  $but  declared ones that are left out
     * @return array{type: string, required?: list<string>, properties: array<string, array<string, mixed>>, allOf?: list<array<string, mixed>>}
     */
    public function object(Properties $properties, array $more = [], array $but = []): array
    {
        [$own, $required, $cases] = [[], [], []];
        foreach ($properties->all as $name => $property) {
            if (in_array($name, $but, true)) {
                continue;
            }
            if ($property instanceof Spread) {
                $own += $property->schemas($this);
                array_push($required, ...$property->mustHave());
                array_push($cases, ...$property->cases($this));

                continue;
            }
            $one = $property->schema($this);
            $own[$name] = ($property->isNullable() ? ['anyOf' => [$one, ['type' => 'null']]] : $one) + ($property->sparse && is_scalar($property->plainDefault()) ? ['default' => $property->plainDefault()] : []);
            if ($property->isRequired()) {
                $required[] = $name;
            }
        }

        return ['type' => 'object'] + ($required === [] ? [] : ['required' => $required]) + ['properties' => $own + $more] + ($cases === [] ? [] : ['allOf' => $cases]);
    }

    /** @return array<string, array<string, mixed>> by name, in its order */
    public function definitions(): array
    {
        ksort($this->definitions);

        return $this->definitions;
    }
}
