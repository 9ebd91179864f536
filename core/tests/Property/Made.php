<?php

declare(strict_types=1);

namespace Kindred\Tests\Property;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Values at random that a JSON Schema allows, as far as the schema of project files goes. */
final class Made
{
    private readonly Randomizer $random;

    private int $ids = 0;

    /** @param  array<string, mixed>  $schema  with its `$defs` */
    public function __construct(private readonly array $schema, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return array<string, mixed> a thing that is defined in the schema */
    public function of(string $definition): array
    {
        return $this->value($this->schema['$defs'][$definition]);
    }

    /** @param  array<string, mixed>  $schema */
    public function value(array $schema, int $depth = 0): mixed
    {
        return match (true) {
            isset($schema['$ref']) => $this->value($this->schema['$defs'][basename($schema['$ref'])], $depth),
            isset($schema['anyOf']) => $this->value($this->among($schema['anyOf']), $depth),
            isset($schema['oneOf']) => $this->value($this->among($schema['oneOf']), $depth),
            isset($schema['enum']) => $this->among($schema['enum']),
            isset($schema['const']) => $schema['const'],
            is_array($schema['type'] ?? null) => $this->among(['Odd', 0.5, true, null]),
            isset($schema['examples']) => $this->among($schema['examples']),
            default => match ($schema['type'] ?? null) {
                'null' => null,
                'boolean' => $this->among([true, false]),
                'integer' => $this->random->getInt($schema['minimum'], min($schema['maximum'], $schema['minimum'] + 900)),
                'number' => $this->number($schema['minimum'], $schema['maximum']),
                'string' => $this->text($schema),
                'array' => $this->list($schema, $depth),
                'object' => $this->object($schema, $depth),
                default => throw new \LogicException('No value is made for '.json_encode($schema)),
            },
        };
    }

    private function number(float $min, float $max): float
    {
        $share = $this->random->getInt(0, 1000) / 1000;

        // Now and then right at an end.
        return $this->among([$min, $max, round($min + ($max - $min) * $share, 2), min($max, round(min($max, max($min, 40 * $share)), 1))]);
    }

    /** @param  array<string, mixed>  $schema */
    private function text(array $schema): string
    {
        return match ($schema['pattern'] ?? null) {
            null => $this->among(array_values(array_filter(['', 'Bowl', '“Größe” 2 → 3', "<b>'x'</b> & {y}", str_repeat('é', 40)], fn (string $one): bool => mb_strlen($one) >= ($schema['minLength'] ?? 0) && mb_strlen($one) <= ($schema['maxLength'] ?? 40)))),
            '^[a-z][a-z0-9]{3,25}$' => sprintf('made%d', ++$this->ids),
            '^[0-9a-f]{64}$' => hash('sha256', (string) $this->random->getInt(0, 99)),
            '^[a-z0-9-]+$', '^[a-z][a-z-]*$' => $this->among(['flame', 'check', 'menu', 'table']),
            '^(https?:\/\/|mailto:|tel:)\S+$' => $this->among(['https://fernhollow.example/kiln', 'mailto:kiln@fernhollow.example', 'tel:+441632960001']),
            '^(Ctrl\\+)?(Alt\\+)?(Meta\\+)?(Shift\\+)?(\\S|[A-Z][A-Za-z0-9]+|Space)$' => $this->among(['Enter', 'Ctrl+K', 'Alt+Shift+ArrowLeft', '7']),
            default => throw new \LogicException("No text is made for {$schema['pattern']}"),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<mixed>
     */
    private function list(array $schema, int $depth): array
    {
        $deep = ($schema['items']['$ref'] ?? '') === '#/$defs/layer' && $depth > 2;
        $most = $deep ? 0 : min($schema['maxItems'], isset($schema['items']['enum']) ? 1 : 3);

        $all = array_map(fn (): mixed => $this->value($schema['items'], $depth + 1), array_fill(0, $this->random->getInt(0, $most), null));
        if (($schema['items']['type'] ?? '') === 'number') {
            // Guides stand in order.
            $all = array_values(array_unique($all));
            sort($all);
        }

        return $all;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>|\stdClass
     */
    private function object(array $schema, int $depth): array|\stdClass
    {
        if (isset($schema['additionalProperties'])) {
            $out = [];
            for ($i = $this->random->getInt(1, 2); $i > 0; $i--) {
                $out['made'.++$this->ids] = $this->value($schema['additionalProperties'], $depth);
            }

            return (object) $out;
        }
        $out = [];
        foreach ($schema['properties'] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->random->getInt(0, 2) > 0) {
                $value = $this->value($property, $depth);
                // What has its default need not be written again.
                if ($value !== ($property['default'] ?? null)) {
                    $out[$name] = $value;
                }
            }
        }
        foreach ($schema['allOf'] ?? [] as $case) {
            [$key, $is] = [array_key_first($case['if']['properties']), current($case['if']['properties'])['const']];
            if (($out[$key] ?? $schema['properties'][$key]['default'] ?? null) === $is) {
                $out += $this->object($case['then'] + ['properties' => []], $depth);
            }
        }

        return $out;
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @return T
     */
    private function among(array $all): mixed
    {
        return $all[$this->random->getInt(0, count($all) - 1)];
    }
}
