<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;

/** How a layer looks, apart from what it is and where it lies: what is copied from one to another, and by what layers are alike. */
final class Look
{
    /** @return list<Field> in the order in which they are set: a family before its weights; of lists, such as fills, the whole */
    public static function fields(): array
    {
        return array_values(array_filter(
            [...Field::all(), ...Field::wholes()],
            fn (Field $field): bool => $field->isLook() && ! $field->isShorthand() && ! $field->isInList(),
        ));
    }

    /**
     * @param  list<Field>|null  $fields  null for all
     * @return array<string, mixed> by the path of the property, as it is written; without those that the layer does not have
     */
    public static function of(Layer $layer, ?array $fields = null): array
    {
        $look = [];
        foreach ($fields ?? self::fields() as $field) {
            if ($field->of($layer) !== null) {
                $look[$field->path] = $field->plain($layer);
            }
        }

        return $look;
    }
}
