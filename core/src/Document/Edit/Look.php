<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;

/** How a layer looks, apart from what it is and where it lies: what is copied from one to another, and by what layers are alike. */
final class Look
{
    /** @return list<Field> in the order in which they are set: a family before its weights, a stroke before where it lies */
    public static function fields(): array
    {
        return array_values(array_filter(Field::all(), fn (Field $field): bool => $field->isLook() && ! $field->isShorthand()));
    }

    /**
     * @param  list<Field>|null  $fields  null for all
     * @return array<string, string> by the path of the property, as it is typed; without those that the layer does not have
     */
    public static function of(Layer $layer, ?array $fields = null): array
    {
        $look = [];
        foreach ($fields ?? self::fields() as $field) {
            $value = $field->of($layer);
            if ($value !== null) {
                $look[$field->path] = $value;
            }
        }

        return $look;
    }
}
