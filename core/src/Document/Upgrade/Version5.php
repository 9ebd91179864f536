<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

/** What states of a component have otherwise is called as everywhere: its overrides. */
final class Version5 implements Step
{
    public static function layer(array $properties): array
    {
        return $properties;
    }

    /**
     * A screen; one that is written as today stays as it is.
     *
     * @param  array<array-key, mixed>  $properties
     * @return array<array-key, mixed>
     */
    public static function screen(array $properties): array
    {
        return self::named($properties, 'departures', 'overrides');
    }

    /**
     * A screen as it was written before; by it what was taken from a library then is known again.
     *
     * @param  array<array-key, mixed>  $properties
     * @return array<array-key, mixed>
     */
    public static function before(array $properties): array
    {
        return self::named($properties, 'overrides', 'departures');
    }

    /**
     * @param  array<array-key, mixed>  $properties
     * @return array<array-key, mixed>
     */
    private static function named(array $properties, string $old, string $new): array
    {
        $component = $properties['component'] ?? null;
        if (is_array($component) && array_key_exists($old, $component)) {
            $component[$new] = $component[$old];
            unset($component[$old]);
            $properties['component'] = $component;
        }

        return $properties;
    }
}
