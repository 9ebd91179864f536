<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Finding;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Rule\LeavesContainer;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Geometry\Point;

/**
 * What begins on a ground stays on it under strain. A stack grows with its words, and off the card that it stands on; by itself this says nothing,
 * for content may well begin on a band and go on below it.
 */
final class OffGround implements OnScreen
{
    use OnlyBeside;

    /** px */
    private const SLOP = 1.0;

    public static function key(): string
    {
        return 'off-ground';
    }

    public static function label(): string
    {
        return 'what grows off its ground';
    }

    public static function source(): string
    {
        return LeavesContainer::source();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $grounds = new Near(array_values(array_filter($scene->seen, LeavesContainer::isGround(...))));
        foreach ($scene->seen as $one) {
            $laid = self::outermost($one);
            $content = $one->layer->content;
            // What is laid out by nothing is a matter of its own.
            $ground = $laid === $one || $one->isAway() || ! ($content instanceof Text || $content instanceof Icon) ? null : self::ground($grounds, $laid);
            if ($ground !== null && ! $ground->bounds->contains($one->ink(), self::SLOP)) {
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} grows off {$ground->called()}.", [$one->address, $ground->address]);
            }
        }
    }

    /** The outermost of the layers around something that lay out what lies in them; itself where nothing does. */
    public static function outermost(Placed $one): Placed
    {
        while ($one->isLaidOut() && $one->parent !== null) {
            $one = $one->parent;
        }

        return $one;
    }

    /** The topmost ground below something where it begins, but for what it lies in. */
    private static function ground(Near $grounds, Placed $one): ?Placed
    {
        foreach (array_reverse($grounds->at(new Point($one->bounds->x + self::SLOP, $one->bounds->y + self::SLOP))) as $ground) {
            if ($ground->order < $one->order) {
                return $one->isIn($ground) ? null : $ground;
            }
        }

        return null;
    }
}
