<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer;

/** How a layer looks, apart from what it is and where it lies: what is copied from one to another, and by what layers are alike. */
final class Look
{
    /** In the order in which they are set: a family before its weights, a stroke before where it lies. */
    public const FIELDS = [
        Field::Opacity, Field::Fill, Field::StrokeColour, Field::StrokeWidth, Field::StrokePosition,
        Field::RadiusTopLeft, Field::RadiusTopRight, Field::RadiusBottomRight, Field::RadiusBottomLeft,
        Field::Family, Field::Weight, Field::Italic, Field::Size, Field::LineHeight, Field::LetterSpacing, Field::Align, Field::Transform,
        Field::IconLine, Field::Fit,
    ];

    public const STROKE = [Field::StrokeColour, Field::StrokeWidth, Field::StrokePosition];

    public const TYPE = [Field::Family, Field::Weight, Field::Italic, Field::Size, Field::LineHeight, Field::LetterSpacing, Field::Transform];

    /**
     * @param  list<Field>  $fields
     * @return array<string, string> by the name of the field, as it is typed; without those that the layer does not have
     */
    public static function of(Layer $layer, array $fields = self::FIELDS): array
    {
        $look = [];
        foreach ($fields as $field) {
            $value = $field->of($layer);
            if ($value !== null) {
                $look[$field->value] = $value;
            }
        }

        return $look;
    }
}
