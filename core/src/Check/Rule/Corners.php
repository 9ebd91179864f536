<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer;
use Kindred\Document\Style\Concentric;
use Kindred\Geometry\Bands;
use Kindred\Geometry\Box;

/** A round corner nearly runs along that of what it lies in, but not about the same centre. */
final class Corners implements OnScreen
{
    /** px by which a radius may be meant to be the other. */
    private const NEAR = 4.0;

    public static function key(): string
    {
        return 'corners';
    }

    public static function label(): string
    {
        return 'corners that do not run along';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'Parallel arcs have one centre: the inner radius is the outer one less the distance (CSS Backgrounds 3, section 5.2)';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->families() as $family) {
            $round = array_values(array_filter($family, fn (Placed $one): bool => Scene::isOwn($one) && max(0.0, ...$one->layer->corners->radii()) > 0));
            $bands = new Bands(array_map(fn (Placed $one): Box => $one->layer->box, $round));
            foreach ($round as $i => $one) {
                if (isset($one->layer->bound['corners'])) {
                    continue;
                }
                $around = array_filter($bands->meeting($one->layer->box), fn (int $other): bool => $other < $i && $round[$other]->layer->box->contains($one->layer->box));
                $found = Concentric::of($one->layer, array_map(fn (int $other): Layer => $round[$other]->layer, array_values($around)), $one->parent?->layer);
                $off = $found === null ? 0.0 : max(0.0, ...array_map(fn (float $own, float $other): float => abs($own - $other), $one->layer->corners->radii(), $found->corners->radii()));
                if ($found !== null && $off > 0.5 && $off <= self::NEAR) {
                    $short = $found->corners->short();
                    yield Finding::of(self::class, $scene->screen->id, "The corners of {$one->called()} do not run along those of “{$found->around->name}”: they are ".round($off, 1).' px off.', [$one->address],
                        new Fix('Make them '.($short === '' ? 'concentric' : $short), [['type' => 'put-field', ...$scene->named($one), 'field' => 'corners', 'value' => $found->corners->toArray()]]));
                }
            }
        }
    }
}
