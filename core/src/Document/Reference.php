<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Property\Properties;
use Kindred\Property\Property;
use Kindred\Property\Records;
use Kindred\Property\Refers;
use Kindred\Property\Spread;
use Kindred\Property\Stored;

/**
 * That a thing names another: a cue its screen, a layer the one that it is a copy of, a requirement what meets it. What things
 * refer to follows from how their properties are declared (`Is\Id(to: …)`). What is named may be gone.
 */
final readonly class Reference
{
    /**
     * @param  string  $path  of the property that names it, such as `cues.0.action.screen`
     * @param  string  $kind  of what is named: an `Entity`, or `cue`
     */
    private function __construct(public string $path, public string $kind, public string $id)
    {
    }

    /** @return list<self> all that a thing names */
    public static function of(Thing $thing): array
    {
        return self::within($thing, '');
    }

    /**
     * The properties of a kind of thing in which something can be named.
     *
     * @return list<string>
     */
    public static function where(Entity $entity): array
    {
        /** @var array<string, list<string>> $known */
        static $known = [];

        return $known[$entity->value] ??= array_merge(...array_map(
            // What is spread changes by the names of its parts.
            fn (string $name, Property $property): array => $property instanceof Spread ? $property->referring() : [$name],
            array_keys($holding = Properties::of($entity->kept()->class)->holding(Refers::class)), $holding,
        ));
    }

    /** @return list<self> */
    private static function within(Stored $value, string $path): array
    {
        $found = [];
        foreach (Properties::of($value::class)->holding(Refers::class) as $name => $property) {
            $held = $value->{$name}; // @phpstan-ignore property.dynamicName (its class declares it)
            if ($property instanceof Refers) {
                foreach ($property->references($held, $value) as $i => [$kind, $id]) {
                    $found[] = new self($path.$name.(is_array($held) ? ".{$i}" : ''), Entity::called($kind), $id);
                }
            }
            foreach ($property instanceof Records && is_array($held) ? $held : [$held] as $i => $one) {
                array_push($found, ...($one instanceof Stored ? self::within($one, $path.$name.(is_array($held) ? ".{$i}." : '.')) : []));
            }
        }

        return $found;
    }
}
