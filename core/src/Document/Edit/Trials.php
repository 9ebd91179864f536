<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;

/** Values of one property that are worth seeing side by side. */
final class Trials
{
    /** So many at a time. */
    public const MOST = 8;

    private const FIELDS = [
        Field::Fill, Field::Size, Field::Weight, Field::Family, Field::Radius, Field::Width, Field::Height, Field::Opacity, Field::StrokeColour, Field::StrokeWidth,
        Field::LineHeight, Field::LetterSpacing, Field::Align, Field::Transform, Field::Rotation, Field::Icon,
    ];

    /** @return list<Field> the properties of a layer that can be tried */
    public static function fields(Layer $layer): array
    {
        return array_values(array_filter(self::FIELDS, fn (Field $field): bool => $field->of($layer) !== null));
    }

    /**
     * What to begin with: the value as it is, and others that lie about it, or that are in use elsewhere.
     *
     * @param  array<string, list<int>>  $families  weights by family
     * @return list<string>
     */
    public static function of(Tree $tree, Layer $layer, Field $field, array $families): array
    {
        $now = (string) $field->of($layer);
        $number = (float) $now;
        $times = fn (float ...$factors): array => array_map(fn (float $factor): string => Number::text(round($number * $factor)), $factors);
        $values = match ($field) {
            Field::Size, Field::Width, Field::Height => $times(0.75, 1.25, 1.5),
            Field::Radius => ['0', '4', '8', '16', '28'],
            Field::StrokeWidth => ['0', '1', '2', '4'],
            Field::Opacity => ['100%', '75%', '50%', '25%'],
            Field::LineHeight => ['1', '1.2', '1.4', '1.6', '1.8'],
            Field::LetterSpacing => ['-0.02', '0', '0.02', '0.06'],
            Field::Rotation => ['-6', '0', '6', '90'],
            Field::Align => ['left', 'center', 'right'],
            Field::Transform => ['none', 'uppercase', 'capitalize'],
            Field::Weight => array_map(strval(...), $families[(string) Field::Family->of($layer)] ?? []),
            Field::Family => array_keys($families),
            default => self::inUse($tree, $field),
        };

        return array_slice(array_values(array_unique([$now, ...$values])), 0, 6);
    }

    /** @return list<string> what other layers have, the commonest first */
    private static function inUse(Tree $tree, Field $field): array
    {
        $counts = array_count_values(array_filter(array_map(fn (Layer $layer): string => (string) $field->of($layer), array_values($tree->layers)), fn (string $value): bool => $value !== ''));
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }
}
