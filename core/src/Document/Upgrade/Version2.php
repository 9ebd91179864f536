<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

use Kindred\Document\Edit\Field;
use Kindred\Input\InvalidInput;
use Kindred\Property\Typing;

/**
 * Fills are listed from the front, as in CSS Backgrounds 3; the range of a widget is called by the standard terms; where cells
 * are otherwise than their design is written by path and as values, not as they were typed.
 */
final class Version2 implements Step
{
    /** How properties were called where they were typed, by what they are called. */
    private const FORMER = [
        'fill' => 'fills.0.colour', 'stroke-colour' => 'stroke.colour', 'stroke-width' => 'stroke.width', 'stroke-position' => 'stroke.position',
        'radius' => 'corners', 'radius-topLeft' => 'corners.topLeft', 'radius-topRight' => 'corners.topRight', 'radius-bottomRight' => 'corners.bottomRight', 'radius-bottomLeft' => 'corners.bottomLeft',
        'family' => 'style.family', 'weight' => 'style.weight', 'italic' => 'style.italic', 'size' => 'style.size', 'lineHeight' => 'style.lineHeight', 'letterSpacing' => 'style.letterSpacing',
        'align' => 'style.align', 'transform' => 'style.transform', 'trim' => 'style.trim', 'icon-line' => 'line', 'position-x' => 'positionX', 'position-y' => 'positionY',
    ];

    public static function layer(array $properties): array
    {
        foreach (['least' => 'min', 'most' => 'max', 'departures' => 'overrides'] as $old => $new) {
            if (array_key_exists($old, $properties)) {
                $properties[$new] = $properties[$old];
                unset($properties[$old]);
            }
        }
        if (is_array($properties['fills'] ?? null)) {
            $properties['fills'] = array_reverse($properties['fills']);
        }
        if (is_array($properties['overrides'] ?? null)) {
            $properties['overrides'] = array_map(fn (mixed $layers): mixed => is_array($layers) ? array_map(self::values(...), $layers) : $layers, $properties['overrides']);
        }

        return $properties;
    }

    private static function values(mixed $values): mixed
    {
        $out = [];
        foreach (is_array($values) ? $values : [] as $field => $typed) {
            $path = self::FORMER[$field] ?? (string) $field;
            $out[$path] = is_string($typed) ? self::value($path, $typed) : $typed;
        }

        return $out;
    }

    /** What was typed as a value; what depends on what lies around it, a percentage, stays as it was typed. */
    private static function value(string $path, string $typed): mixed
    {
        try {
            return Field::find((string) preg_replace('/^stroke\./', 'strokes.0.', $path))?->entered($typed, Typing::alone()) ?? ($path === 'words' ? $typed : null);
        } catch (InvalidInput) {
            return $typed;
        }
    }
}
