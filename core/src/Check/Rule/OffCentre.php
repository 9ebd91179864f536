<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Families;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Type\TextAlign;

/** Words or an icon, alone on a shape, nearly in its middle. */
final class OffCentre implements OnScreen
{
    public static function key(): string
    {
        return 'off-centre';
    }

    public static function label(): string
    {
        return 'nearly in the middle';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'Bisection acuity: a shift of 1 px from the middle is seen (Klein and Levi 1985)';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->free() as $family) {
            $near = new Near($family);
            foreach ($family as $only) {
                if (! $only->layer->content instanceof Text && ! $only->layer->content instanceof Icon) {
                    continue;
                }
                foreach ($near->meeting($only->bounds) as $ground) {
                    if ($ground->order < $only->order && self::isGround($ground) && $ground->bounds->overlaps($only->bounds) && $ground->bounds->contains($only->ink()) && self::upon($near, $ground) === [$only]) {
                        yield from self::off($scene, $ground, $only);
                    }
                }
            }
        }
    }

    private static function isGround(Placed $one): bool
    {
        $content = $one->layer->content;

        return ($content instanceof BoxLayer || $content instanceof Ellipse) && Fill::front($one->layer->fills) !== null;
    }

    /** @return list<Placed> what is painted over it */
    private static function upon(Near $near, Placed $ground): array
    {
        return array_values(array_filter($near->meeting($ground->bounds), fn (Placed $one): bool => $one->order > $ground->order && $ground->bounds->overlaps($one->bounds)));
    }

    /** @return iterable<Finding> */
    private static function off(Scene $scene, Placed $ground, Placed $only): iterable
    {
        $middle = $ground->bounds->centre();
        // Across, words are where they are written; down, lines are placed by their line boxes.
        $dx = round($middle->x - $only->ink()->centre()->x, 2);
        $dy = round($middle->y - $only->bounds->centre()->y, 2);
        $content = $only->layer->content;
        // Words that begin at the left of their box are not meant to stand in the middle.
        $isPlaced = ! $content instanceof Text || ! $content->wrapped || $content->style->align === TextAlign::Center;
        $by = ['dx' => $isPlaced && Families::nearly($dx) ? $dx : 0.0, 'dy' => Families::nearly($dy) ? $dy : 0.0];
        if ($by['dx'] !== 0.0 || $by['dy'] !== 0.0) {
            $said = implode(' and ', array_filter([$by['dx'] === 0.0 ? '' : abs($dx).' px '.($dx > 0 ? 'left' : 'right'), $by['dy'] === 0.0 ? '' : abs($dy).' px '.($dy > 0 ? 'above' : 'below')], fn (string $part): bool => $part !== ''));
            yield Finding::of(self::class, $scene->screen->id, "{$only->called()} lies {$said} of the middle of {$ground->called()}.", [$only->address, $ground->address], new Fix('Put it in the middle', [['type' => 'move-layers', ...$scene->named($only), ...$by]]));
        }
    }
}
