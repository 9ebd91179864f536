<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Layer;
use Kindred\Property\AsClass;
use Kindred\Property\Properties;

/**
 * What of the paint of layers is said by classes. Pages have their rules from `resources/css/paint.css`, for their policy
 * allows no styles inside; a picture that stands alone brings them along.
 */
final class PaintClasses
{
    public static function of(Layer $layer): ?string
    {
        $classes = [];
        foreach (Properties::of(Layer::class)->holding(AsClass::class) as $name => $property) {
            $value = $layer->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            $class = $value instanceof AsClass ? $value->className() : null;
            if ($class !== null) {
                $classes[] = $class;
            }
        }

        return $classes === [] ? null : implode(' ', $classes);
    }

    /** A `style` element, where a picture needs one. */
    public static function style(string $svg): string
    {
        preg_match_all('/^\.([\w-]+)/m', $css = self::css(), $names);

        return $names[1] !== [] && preg_match('/ class="[^"]*\b(?:'.implode('|', $names[1]).')\b/', $svg) === 1 ? Svg::element('style', [], Svg::text($css)) : '';
    }

    public static function css(): string
    {
        return implode("\n", array_map(fn (string $class): string => $class::css(), self::painted()))."\n";
    }

    /** @return list<class-string<AsClass>> */
    private static function painted(): array
    {
        $classes = [];
        foreach (Properties::of(Layer::class)->holding(AsClass::class) as $property) {
            $type = $property->type();
            if (is_a($type, AsClass::class, true)) {
                $classes[] = $type;
            }
        }

        return $classes;
    }
}
