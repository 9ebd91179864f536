<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Property\Properties;
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
        $names = [];
        foreach (Properties::of($entity->kept()->class)->holding(Refers::class) as $name => $property) {
            // What is spread changes by the names of its parts.
            array_push($names, ...($property instanceof Spread ? $property->referring() : [$name]));
        }

        return $names;
    }

    /** @return list<self> */
    private static function within(Stored $value, string $path): array
    {
        $found = [];
        foreach (Properties::of($value::class)->holding(Refers::class) as $name => $property) {
            $held = get_object_vars($value)[$name];
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
