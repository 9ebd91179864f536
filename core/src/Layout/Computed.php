<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\TokenChanges;
use Kindred\Document\Touched;
use Kindred\Document\Tree;

/**
 * What a layout works out again by itself, and so is nobody's edit: where a stack puts what lies in it, sizes that
 * follow from content or from the room there is, and what the parts of a compound come to, and the values of tokens. It is written with an edit, but neither undo nor the check for what others
 * have changed asks about it.
 *
 * What pins or a group's frame have done to boxes is not among it: from the result alone it cannot be worked out again.
 */
final readonly class Computed
{
    /** @return list<string> the properties of a layer that the layout gives it */
    public static function of(Tree $tree, Layer $layer): array
    {
        $parent = $tree->layers[$layer->parent ?? ''] ?? null;
        $outline = $layer->content instanceof Compound ? ['d'] : [];
        if ($parent?->lays($layer) === true) {
            return [...$outline, 'x', 'y', ...self::sizes($layer->widthFrom() !== Size::Length, $layer->heightFrom() !== Size::Length)];
        }

        return match (true) {
            $layer->content instanceof Stack, $layer->content instanceof Expanding => self::sizes($layer->widthFrom() === Size::Content, $layer->heightFrom() === Size::Content),
            $layer->content instanceof Text => self::sizes(! $layer->content->wrapped, ! $layer->content->keepsHeight()),
            // A cell is as wide as its column, and what is pinned in it has followed.
            $layer->isGroup() && $parent?->content instanceof Expanding => self::sizes(false, true),
            // What is turned and changes its size moves its corner, too.
            $layer->fitsContent() => [...$outline, ...self::sizes($layer->rotation === 0.0, $layer->rotation === 0.0)],
            default => [],
        };
    }

    /**
     * What typing into a facet cannot change: a place in a stack, the height of words. Other sizes that follow from something
     * else become lengths when they are typed.
     *
     * @return list<string>
     */
    public static function fixed(Tree $tree, Layer $layer): array
    {
        return array_values(array_intersect(self::of($tree, $layer), $layer->content instanceof Text && ! $layer->content->keepsHeight() ? ['x', 'y', 'height'] : ['x', 'y']));
    }

    /** The part of a difference that was made by somebody: what only the layout has changed is left out. */
    public static function without(Difference $difference, Tree $before, Tree $after): Difference
    {
        $tokens = TokenChanges::between($before, $after);

        return new Difference(array_values(array_filter($difference->changes, fn (Change $change): bool => ! self::isFollowing($change, $before, $after, $tokens))));
    }

    /**
     * What somebody has touched, without what only the layout has changed.
     *
     * @return list<string> as `Touched` has it
     */
    public static function touched(Difference $difference, Tree $before, Tree $after): array
    {
        $touched = [];
        $tokens = TokenChanges::between($before, $after);
        foreach (self::without($difference, $before, $after)->changes as $change) {
            [$old, $new] = $change->entity === Entity::Layer ? [$before->layers[$change->id] ?? null, $after->layers[$change->id] ?? null] : [null, null];
            $touched[] = match (true) {
                $change->entity === Entity::Project => [],
                $old === null || $new === null => Touched::by($change),
                default => Touched::by($change, [...array_intersect(self::of($before, $old), self::of($after, $new)), ...self::bound($change, $old, $new, $tokens)]),
            };
        }

        return array_merge(...$touched);
    }

    private static function isFollowing(Change $change, Tree $before, Tree $after, TokenChanges $tokens): bool
    {
        [$old, $new] = [$change->entity->of($before)[$change->id] ?? null, $change->entity->of($after)[$change->id] ?? null];
        if ($tokens->areThere() && $old !== null && $new !== null && Bindings::follows($new, $old)) {
            return true;
        }
        if (! $old instanceof Layer || ! $new instanceof Layer) {
            return false;
        }
        $changed = array_map(strval(...), array_keys($change->after ?? []));
        $changed = $tokens->areThere() ? array_diff($changed, self::bound($change, $old, $new, $tokens)) : $changed;

        return array_diff($changed, self::of($before, $old)) === [] && array_diff($changed, self::of($after, $new)) === [];
    }

    /** @return list<string> the properties of a layer that only tokens have changed which it is bound to */
    private static function bound(Change $change, Layer $old, Layer $new, TokenChanges $tokens): array
    {
        $changed = $tokens->of($old, $new);
        $followed = $changed === [] ? $old : Bindings::resolved($old, $changed);
        // What is bound no longer, because the token does not fit any more, cannot be worked out again.
        if ($followed === $old || Bindings::of($followed) !== Bindings::of($old)) {
            return [];
        }
        $names = array_map(strval(...), array_keys($change->after ?? []));
        $parts = array_intersect_key($followed->parts(), array_flip($names));

        return array_values(array_filter($names, fn (string $key): bool => json_encode($parts[$key] ?? null) === json_encode($change->after[$key] ?? null)));
    }

    /** @return list<string> */
    private static function sizes(bool $width, bool $height): array
    {
        return [...($width ? ['width'] : []), ...($height ? ['height'] : [])];
    }
}
