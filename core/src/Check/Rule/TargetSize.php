<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Check\Target;
use Kindred\Device\Pointing;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Widget;

/** What can be tapped is as large as the device asks. */
final class TargetSize implements OnScreen
{
    public static function key(): string
    {
        return 'target-size';
    }

    public static function label(): string
    {
        return 'size of targets';
    }

    public static function group(): Group
    {
        return Group::Touch;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criteria 2.5.5 (44 px, for touch) and 2.5.8 (24 px, for a pointer); on panels Parhi, Karlson and Bederson 2006 (9.2 mm)';
    }

    public static function limit(): Limit
    {
        return new Limit('Least side of a target', null, 8, 200, otherwise: 'as the device of the screen asks');
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $min = $limit ?? (float) $scene->device->target;
        foreach (self::smallest($scene) as $target) {
            $side = round(min($target->box->width, $target->box->height), 2);
            if ($side < $min) {
                $with = $scene->device->pointing === Pointing::Touch ? 'finger' : 'pointer';
                yield Finding::of(self::class, $scene->screen->id, sprintf('%s is %s × %s px to a %s; it needs %s px each way.', $target->called(), round($target->box->width, 1), round($target->box->height, 1), $with, $min), [$target->placed->address], self::grown($scene, $target, $min));
            }
        }
    }

    /** @return list<Target> one for each layer, not within something larger that can be tapped */
    private static function smallest(Scene $scene): array
    {
        $found = [];
        foreach ($scene->targets() as $target) {
            $key = spl_object_id($target->placed);
            $side = min($target->box->width, $target->box->height);
            if ((! isset($found[$key]) || $side < min($found[$key]->box->width, $found[$key]->box->height)) && ! $target->placed->isInTarget()) {
                $found[$key] = $target;
            }
        }

        return array_values($found);
    }

    /** As large as it must be about its middle, where that changes nothing but its size. */
    private static function grown(Scene $scene, Target $target, float $min): ?Fix
    {
        $layer = $target->placed->layer;
        if ($target->entry !== null || $target->placed->isLaidOut() || ! Scene::isOwn($target->placed) || $target->placed->angle !== 0.0 || ! ($layer->content instanceof BoxLayer || $layer->content instanceof Ellipse || $layer->content instanceof Widget)) {
            return null;
        }
        $commands = [];
        foreach (['width' => 'x', 'height' => 'y'] as $side => $place) {
            $short = $min - $layer->box->{$side};
            if ($short > 0) {
                $at = ['type' => 'set-field', ...$scene->named($target->placed)];
                $commands[] = [...$at, 'field' => $side, 'value' => (string) round($min, 2)];
                $commands[] = [...$at, 'field' => $place, 'value' => (string) round($layer->box->{$place} - $short / 2, 2)];
            }
        }

        return $commands === [] ? null : new Fix("Make it {$min} px", $commands);
    }
}
