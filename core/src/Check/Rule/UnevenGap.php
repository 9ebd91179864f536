<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Families;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;

/** In a row or a column of layers that are alike, one gap is nearly, but not quite, as wide as the others. */
final class UnevenGap implements OnScreen
{
    public static function key(): string
    {
        return 'uneven-gap';
    }

    public static function label(): string
    {
        return 'gaps unlike their sisters';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'Gestalt law of proximity (Wertheimer 1923): what lies closer seems to belong together';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->free() as $family) {
            yield from self::along($scene, $family, 'x', 'width', 'y', 'height');
            yield from self::along($scene, $family, 'y', 'height', 'x', 'width');
        }
    }

    /**
     * @param  non-empty-list<Placed>  $family
     * @param  'x'|'y'  $axis
     * @param  'width'|'height'  $length
     * @param  'x'|'y'  $across
     * @param  'width'|'height'  $breadth
     * @return iterable<Finding>
     */
    private static function along(Scene $scene, array $family, string $axis, string $length, string $across, string $breadth): iterable
    {
        $chains = [];
        foreach ($family as $one) {
            $box = $one->layer->box;
            $chains[$one->layer->kind().' '.round($box->{$across}).' '.round($box->{$breadth})][] = $one;
        }
        foreach ($chains as $chain) {
            if (count($chain) < 3) {
                continue;
            }
            usort($chain, fn (Placed $a, Placed $b): int => $a->layer->box->{$axis} <=> $b->layer->box->{$axis});
            $gaps = [];
            for ($i = 1; $i < count($chain); $i++) {
                $gaps[] = $chain[$i]->layer->box->{$axis} - $chain[$i - 1]->layer->box->{$axis} - $chain[$i - 1]->layer->box->{$length};
            }
            [$usual, $many] = $gaps === [] ? [0.0, 0] : Families::most($gaps);
            $hasUsual = $usual >= 0 && ($many * 2 > count($gaps) || (count($gaps) === 2 && $gaps[0] >= 0));
            for ($i = 0; $hasUsual && $i < count($gaps); $i++) {
                $gap = $gaps[$i];
                $by = round($usual - $gap, 2);
                if ($gap >= 0 && Families::nearly($by)) {
                    // Where the next gap is off by as much the other way, this one alone is out of its place.
                    $isAlone = isset($gaps[$i + 1]) && abs($usual - $gaps[$i + 1] + $by) <= 0.1;
                    $after = array_slice($chain, $i + 1, $isAlone ? 1 : null);
                    yield Finding::of(self::class, $scene->screen->id, sprintf('Between %s and %s lie %s px, elsewhere in this %s %s.', $chain[$i]->called(), $chain[$i + 1]->called(), round($gap, 1), $axis === 'x' ? 'row' : 'column', round($usual, 1)), [$chain[$i + 1]->address, $chain[$i]->address],
                        new Fix('Even it out', [['type' => 'move-layers', ...$scene->named(...$after), 'dx' => $axis === 'x' ? $by : 0, 'dy' => $axis === 'y' ? $by : 0]]));
                    $i += $isAlone ? 1 : 0;
                }
            }
        }
    }
}
