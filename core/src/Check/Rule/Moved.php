<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Scene;

/** The same thing lies a few px elsewhere on a sibling screen: it jumps when one follows the other. */
final class Moved implements Across
{
    use Siblings;

    /** px that are a slip; what lies further away is placed elsewhere on purpose. */
    private const MAX = 8.0;

    public static function key(): string
    {
        return 'moved';
    }

    public static function label(): string
    {
        return 'things that jump from screen to screen';
    }

    public static function source(): string
    {
        return 'ISO 9241-110: what is the same is found at the same place';
    }

    public static function facts(Scene $scene): array
    {
        $facts = [];
        foreach (self::known($scene) as $key => $one) {
            if (! $one->isLaidOut() && $one->angle === 0.0) {
                $facts[] = self::fact($scene, $one, "{$scene->device->key} {$scene->screen->box->width} {$key}", ['x' => round($one->bounds->x, 2), 'y' => round($one->bounds->y, 2), 'width' => round($one->bounds->width, 2), 'height' => round($one->bounds->height, 2)]);
            }
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        foreach (self::groups($facts) as $group) {
            $usual = self::most($group, fn (Fact $fact): string => "{$fact->number('x')} {$fact->number('y')}");
            foreach ($usual === [] ? [] : $group as $fact) {
                $dx = $usual[0]->number('x') - $fact->number('x');
                $dy = $usual[0]->number('y') - $fact->number('y');
                $away = max(abs($dx), abs($dy));
                if ($away > 0.5 && $away <= self::MAX && self::isSameSize($usual[0], $fact)) {
                    $said = implode(' and ', array_filter([abs($dx) > 0.5 ? round(abs($dx), 1).' px '.($dx > 0 ? 'further left' : 'further right') : '', abs($dy) > 0.5 ? round(abs($dy), 1).' px '.($dy > 0 ? 'higher' : 'lower') : ''], fn (string $part): bool => $part !== ''));
                    yield Finding::of(self::class, $fact->screen, "“{$fact->called}” lies {$said} than on “{$usual[0]->on}”".(count($usual) > 1 ? ' and others.' : '.'), [$fact->place],
                        new Fix('Move it there', [['type' => 'move-layers', 'screen' => $fact->screen, 'layers' => [(string) $fact->place], 'dx' => round($dx, 2), 'dy' => round($dy, 2)]]));
                }
            }
        }
    }

    private static function isSameSize(Fact $one, Fact $other): bool
    {
        return abs($one->number('width') - $other->number('width')) <= self::MAX && abs($one->number('height') - $other->number('height')) <= self::MAX;
    }
}
