<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Fact;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Widget;

/** The same thing on sibling screens: known by where it comes from, by its component, or by its kind and its name. */
trait Siblings
{
    /** So deep in groups things are compared. */
    private const DEEP = 2;

    public static function group(): Group
    {
        return Group::Consistency;
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    /**
     * What is compared, by what it is: of several that are the same on one screen, none.
     *
     * @return array<string, Placed>
     */
    private static function known(Scene $scene, int $deep = self::DEEP): array
    {
        $known = $twice = [];
        $open = array_map(fn (Placed $one): array => [$one, 1], $scene->roots);
        for ($i = 0; $i < count($open); $i++) {
            [$one, $depth] = $open[$i];
            $key = self::what($one);
            $twice += isset($known[$key]) ? [$key => true] : [];
            $known[$key] = $one;
            foreach ($depth < $deep && $one->layer->isContainer() ? $one->children : [] as $child) {
                if (Scene::isOwn($child) && ! $child->isPart) {
                    $open[] = [$child, $depth + 1];
                }
            }
        }

        return array_diff_key($known, $twice);
    }

    /** What it is, where nothing tells where it comes from. */
    private static function what(Placed $one): string
    {
        $layer = $one->layer;
        $what = $layer->component() ?? ($layer->content instanceof Widget ? "{$layer->kind()} {$layer->content->widget}" : $layer->kind());

        return "{$what} {$layer->name}";
    }

    /**
     * @param  array<string, string|float>  $says
     */
    private static function fact(Scene $scene, Placed $one, string $about, array $says): Fact
    {
        return new Fact($scene->screen->id, $scene->screen->name, $one->address, $about, $one->layer->descent(), $one->layer->name, $says);
    }

    /**
     * The facts about each thing that several screens have: first by where they come from, then by what they are.
     *
     * @param  list<Fact>  $facts
     * @return list<non-empty-list<Fact>>
     */
    private static function groups(array $facts): array
    {
        $groups = [];
        foreach ([fn (Fact $fact): string => $fact->descent, fn (Fact $fact): string => $fact->about] as $by) {
            $found = [];
            foreach ($facts as $fact) {
                $found[$by($fact)][] = $fact;
            }
            $found = array_filter($found, fn (array $group): bool => count($group) >= 2);
            $groups = [...$groups, ...array_values($found)];
            $facts = array_udiff($facts, array_merge([], ...array_values($found)), fn (Fact $a, Fact $b): int => spl_object_id($a) <=> spl_object_id($b));
        }

        return $groups;
    }

    /**
     * What most say: more than half, or of two the first.
     *
     * @param  non-empty-list<Fact>  $group
     * @param  \Closure(Fact): string  $says
     * @return list<Fact> those that say it; none where there is no such thing
     */
    private static function most(array $group, \Closure $says): array
    {
        $by = [];
        foreach ($group as $fact) {
            $by[$says($fact)][] = $fact;
        }
        usort($by, fn (array $a, array $b): int => count($b) <=> count($a));

        return count($by[0]) * 2 > count($group) || count($group) === 2 ? $by[0] : [];
    }
}
