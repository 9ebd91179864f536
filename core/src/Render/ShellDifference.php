<?php

declare(strict_types=1);

namespace Kindred\Render;

/**
 * What lies between two drawings of a layer that differ in paint alone. It holds for the same layer in another size
 * and with other words too, as in the cells of an array.
 */
final class ShellDifference
{
    /** Attributes whose values follow from no size. */
    private const PAINT = ['fill', 'fill-opacity', 'stroke', 'stroke-opacity', 'stroke-width', 'opacity', 'data-locked', 'pointer-events'];

    /**
     * @param  string  $before  SVG as Renderer::shell gives it
     * @return list<array{int, string, string|null}>|null attributes to set, or to take away, by the place of their element in the document; null where there is more to it
     */
    public static function between(string $before, string $after): ?array
    {
        [$old, $new] = [self::elements($before), self::elements($after)];
        if (count($old) !== count($new)) {
            return null;
        }
        $difference = [];
        foreach ($new as $i => [$name, $attributes]) {
            if ($name !== $old[$i][0]) {
                return null;
            }
            foreach ($attributes + $old[$i][1] as $key => $_) {
                [$was, $is] = [$old[$i][1][$key] ?? null, $attributes[$key] ?? null];
                if ($was === $is) {
                    continue;
                }
                if (! in_array($key, self::PAINT, true)) {
                    return null;
                }
                $difference[] = [$i, $key, $is];
            }
        }

        return $difference;
    }

    /** @return list<array{string, array<string, string>}> names and attributes, in document order */
    private static function elements(string $svg): array
    {
        $reader = \XMLReader::XML($svg);
        $elements = [];
        while ($reader instanceof \XMLReader && $reader->read()) {
            if ($reader->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            $name = $reader->name;
            $attributes = [];
            while ($reader->moveToNextAttribute()) {
                $attributes[$reader->name] = $reader->value;
            }
            $elements[] = [$name, $attributes];
        }

        return $elements;
    }
}
