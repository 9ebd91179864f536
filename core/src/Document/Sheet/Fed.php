<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Tree;

/** What a sheet can feed in the design of an array's cells: its layers, and those that instances in it show. */
final class Fed
{
    /** @return array<string, Layer> as they are there, by their addresses within the design */
    public static function in(Tree $tree, Layer $design): array
    {
        $found = [];
        foreach ($tree->subtree($design->id) as $part) {
            $found[$part->id] = $part;
            $found += self::shown($tree, $part, []);
        }

        return $found;
    }

    /**
     * What parts are called where one of them is chosen: those of the same name are told apart by numbers.
     *
     * @param  array<string, Layer>  $parts  by address
     * @return array<string, string>
     */
    public static function names(array $parts): array
    {
        $names = $taken = $many = [];
        foreach ($parts as $address => $part) {
            $name = $part->name;
            while (isset($taken[$name])) {
                $many[$part->name] = ($many[$part->name] ?? 1) + 1;
                $name = "{$part->name} {$many[$part->name]}";
            }
            $taken[$name] = true;
            $names[$address] = $name;
        }

        return $names;
    }

    /**
     * @param  list<string>  $copies  in which the instance lies
     * @return array<string, Layer>
     */
    private static function shown(Tree $tree, Layer $instance, array $copies): array
    {
        if (! $instance->content instanceof Instance) {
            return [];
        }
        $filled = Filling::instance($tree, $instance->content);
        $copies = [...$copies, $instance->id];
        $found = [];
        foreach ($filled->design($instance->content->component) as $part) {
            $found[(string) new Address($part->id, $copies)] = $part;
            $found += self::shown($filled, $part, $copies);
        }

        return $found;
    }
}
