<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Finding;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Rule\Collision;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Position;
use Kindred\Document\Style\Fill;

/**
 * Words that are seen whole are so under strain. By itself this says nothing, for a dialog may lie over words; but what lay beside them and lies on
 * them now has been run over.
 */
final class CoveredWords implements OnScreen
{
    use OnlyBeside;

    /** px */
    private const SLOP = 1.0;

    public static function key(): string
    {
        return 'covered-words';
    }

    public static function label(): string
    {
        return 'words that are covered';
    }

    public static function source(): string
    {
        return Collision::source();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $scrolls = $scene->screen->box->height > $scene->screen->view;
        $covers = new Near(array_values(array_filter($scene->seen, fn (Placed $one): bool => self::covers($one) && ! ($scrolls && self::stays($one)))));
        foreach ($scene->seen as $one) {
            if ($one->layer->content instanceof Text && ! $one->isAway() && ($upper = self::over($covers, $one)) !== null) {
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} is covered by {$upper->called()}.", [$one->address, $upper->address]);
            }
        }
    }

    private static function over(Near $covers, Placed $words): ?Placed
    {
        foreach ($words->lines() as $line) {
            foreach ($covers->meeting($line) as $upper) {
                if ($upper->order > $words->order && $line->widened(-self::SLOP)->overlaps($upper->bounds)) {
                    return $upper;
                }
            }
        }

        return null;
    }

    /** Whether it stays where it is while what lies under it is scrolled. */
    private static function stays(Placed $one): bool
    {
        for ($around = $one; $around !== null; $around = $around->parent) {
            if ($around->layer->position !== Position::Static) {
                return true;
            }
        }

        return false;
    }

    private static function covers(Placed $one): bool
    {
        $front = Fill::front($one->layer->fills);

        return $one->laid === null && $one->angle === 0.0 && $front !== null && $front->colour()->alpha >= 0.5;
    }
}
