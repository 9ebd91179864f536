<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Near;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Position;
use Kindred\Document\Style\Fill;
use Kindred\Geometry\Box;

/** Words, icons and widgets do not lie on each other, unless one has a ground of its own over the other. */
final class Collision implements OnScreen
{
    /** px that touch without harm. */
    private const SLOP = 1.0;

    public static function key(): string
    {
        return 'collision';
    }

    public static function label(): string
    {
        return 'words, icons and widgets on each other';
    }

    public static function group(): Group
    {
        return Group::Place;
    }

    public static function source(): string
    {
        return 'What lies on words cannot be read with them';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $shown = array_values(array_filter($scene->seen, fn (Placed $one): bool => self::isContent($one) && ! $one->isAway() && $one->layer->position === Position::Static));
        usort($shown, fn (Placed $a, Placed $b): int => $a->ink()->y <=> $b->ink()->y);
        $grounds = new Near(array_values(array_filter($scene->seen, self::covers(...))));
        $open = [];
        foreach ($shown as $one) {
            $ink = $one->ink();
            $open = array_filter($open, fn (Placed $other): bool => $other->ink()->bottom() > $ink->y + self::SLOP);
            foreach ($open as $other) {
                [$upper, $lower] = $one->order > $other->order ? [$one, $other] : [$other, $one];
                if (self::collide($upper, $lower) && ! self::isGrounded($grounds, $upper, $lower)) {
                    yield Finding::of(self::class, $scene->screen->id, "{$upper->called()} lies on {$lower->called()}.", [$upper->address, $lower->address]);
                }
            }
            $open[] = $one;
        }
    }

    private static function isContent(Placed $one): bool
    {
        $content = $one->layer->content;

        return ($content instanceof Text && trim($content->words) !== '') || $content instanceof Icon || $content instanceof Widget;
    }

    private static function collide(Placed $upper, Placed $lower): bool
    {
        if ($upper->isIn($lower) || $lower->isIn($upper)) {
            return false;
        }
        foreach ($upper->laid === null ? [$upper->ink()] : $upper->lines() as $a) {
            foreach ($lower->laid === null ? [$lower->ink()] : $lower->lines() as $b) {
                if (self::overlap($a, $b) && ! ($b->contains($a) && $lower->layer->content instanceof Widget)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function overlap(Box $a, Box $b): bool
    {
        return min($a->right(), $b->right()) - max($a->x, $b->x) > self::SLOP && min($a->bottom(), $b->bottom()) - max($a->y, $b->y) > self::SLOP;
    }

    /** Whether something between both covers the lower one where the upper one stands, as a badge or a dialog does; a widget has a ground by itself. */
    private static function isGrounded(Near $grounds, Placed $upper, Placed $lower): bool
    {
        $middle = $upper->ink()->centre();
        if ($upper->layer->content instanceof Widget && $upper->bounds->holds($middle)) {
            return true;
        }
        foreach ($grounds->at($middle) as $one) {
            if ($one->order > $lower->order && $one->order <= $upper->order && ! $lower->isIn($one)) {
                return true;
            }
        }

        return false;
    }

    private static function covers(Placed $one): bool
    {
        $front = Fill::front($one->layer->fills);

        return ! self::isContent($one) && $front !== null && $front->colour()->alpha >= 0.5;
    }
}
