<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Motion\Tween;

/**
 * How a drawing changes, as a browser can play it: the drawing at the beginning, and for each attribute of an element that changes its
 * values at equally long steps. A browser goes evenly from each to the next; colours and what bends are told often enough for that.
 *
 * @phpstan-type Change array{part: int, attribute: string, values: non-empty-list<string|null>}
 */
final class Frames
{
    /** Steps of what does not go evenly. */
    public const STEPS = 8;

    /** So far off a straight way may be, in the units of the attribute. */
    private const OFF = 0.02;

    /** What attributes are that are not there. */
    private const ABSENT = ['x' => '0', 'y' => '0', 'rx' => '0', 'opacity' => '1', 'fill-opacity' => '1', 'stroke-opacity' => '1', 'stop-opacity' => '1', 'flood-opacity' => '1', 'stroke-width' => '1'];

    /**
     * @param  \Closure(float): string  $draw  at a share of the way: one SVG element
     * @return array{markup: string, changes: list<Change>}|null null where it is put together otherwise on the way
     */
    public static function of(\Closure $draw): ?array
    {
        $markup = $draw(0.0);
        $half = intdiv(self::STEPS, 2);
        $read = [0 => self::elements($markup), $half => self::elements($draw(0.5)), self::STEPS => self::elements($draw(1.0))];
        $changes = self::changes(array_values($read));
        if ($changes === null) {
            return null;
        }
        if (array_filter($changes, fn (array $one): bool => ! self::isEven($one['values'])) !== []) {
            for ($i = 1; $i < self::STEPS; $i++) {
                $read[$i] ??= self::elements($draw($i / self::STEPS));
            }
            ksort($read);
            $changes = self::changes(array_values($read));
        }

        return $changes === null ? null : ['markup' => $markup, 'changes' => array_map(fn (array $one): array => self::isEven($one['values']) ? ['values' => [$one['values'][0], $one['values'][count($one['values']) - 1]]] + $one : $one, $changes)];
    }

    /** @return list<array{string, array<string, string>}> in document order: what each is, and its attributes */
    private static function elements(string $markup): array
    {
        $document = new \DOMDocument;
        $document->loadXML("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\">{$markup}</svg>", LIBXML_NONET | LIBXML_NOERROR);
        $elements = [];
        foreach ($document->documentElement?->getElementsByTagName('*') ?? [] as $element) {
            $attributes = [];
            foreach ($element->attributes as $attribute) {
                $attributes[$attribute->nodeName] = (string) $attribute->nodeValue;
            }
            $text = $element->firstChild instanceof \DOMText ? $element->firstChild->data : '';
            $elements[] = ["{$element->nodeName} {$text}", $attributes];
        }

        return $elements;
    }

    /**
     * @param  non-empty-list<list<array{string, array<string, string>}>>  $drawings
     * @return list<Change>|null null where they are not made of the same elements
     */
    private static function changes(array $drawings): ?array
    {
        $made = array_map(fn (array $drawing): array => array_column($drawing, 0), $drawings);
        if (count(array_unique($made, SORT_REGULAR)) > 1) {
            return null;
        }
        $changes = [];
        foreach ($drawings[0] as $part => [, $first]) {
            $names = array_keys(array_merge(...array_map(fn (array $drawing): array => $drawing[$part][1], $drawings)));
            foreach ($names as $name) {
                $values = array_map(fn (array $drawing): ?string => $drawing[$part][1][$name] ?? self::ABSENT[$name] ?? null, $drawings);
                if (count(array_unique($values)) > 1) {
                    $changes[] = ['part' => $part, 'attribute' => $name, 'values' => $values];
                }
            }
        }

        return $changes;
    }

    /**
     * Whether all values lie on the straight way from the first to the last.
     *
     * @param  non-empty-list<string|null>  $values
     */
    private static function isEven(array $values): bool
    {
        $last = count($values) - 1;
        foreach ($values as $i => $value) {
            if ($value === null || str_contains($value, '#')) {
                return false;
            }
            $even = Tween::text((string) $values[0], (string) $values[$last], $i / $last);
            if ($even === null || ! self::isNear($even, $value)) {
                return false;
            }
        }

        return true;
    }

    private static function isNear(string $one, string $other): bool
    {
        preg_match_all(Tween::NUMBERS, $one, $first);
        preg_match_all(Tween::NUMBERS, $other, $second);
        $off = array_map(fn (string $a, string $b): float => abs((float) $a - (float) $b), $first[0], $second[0]);

        return max([0.0, ...$off]) <= self::OFF;
    }
}
