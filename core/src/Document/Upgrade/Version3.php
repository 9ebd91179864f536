<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

/** A layer can have several strokes, which lie inside where nothing else is said. */
final class Version3 implements Step
{
    public static function layer(array $properties): array
    {
        if (array_key_exists('stroke', $properties)) {
            $stroke = $properties['stroke'];
            if (is_array($stroke) && ($stroke['position'] ?? null) === 'inside') {
                unset($stroke['position']);
            }
            $properties['strokes'] = is_array($stroke) ? [$stroke] : [];
            unset($properties['stroke']);
        }
        if (is_array($properties['overrides'] ?? null)) {
            $properties['overrides'] = array_map(fn (mixed $layers): mixed => is_array($layers) ? array_map(self::values(...), $layers) : $layers, $properties['overrides']);
        }

        return $properties;
    }

    private static function values(mixed $values): mixed
    {
        $out = [];
        foreach (is_array($values) ? $values : [] as $path => $value) {
            $out[(string) preg_replace('/^stroke\./', 'strokes.0.', (string) $path)] = $value;
        }

        return $out;
    }
}
