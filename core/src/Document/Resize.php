<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Pins;
use Kindred\Document\Layout\Size;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;

/** Puts a layer into a new box, with all that lies in it. */
final class Resize
{
    /** Lengths that differ by less, in px, are the same. */
    private const SAME = 0.0005;

    /** The tree with the layer (which may have other changes too) in its new box. A side that changed becomes a set length; resized text wraps. */
    public static function to(Tree $tree, Layer $layer, Box $box): Tree
    {
        return self::into($tree, self::sized($layer, $box), $box);
    }

    /**
     * The tree with a layer that is another path now, in px from the corner of its box as it was: the box follows, and what of the path
     * stays as it was lies where it lay, though the layer is turned.
     *
     * @throws InvalidInput where it is too long or reaches too far to be kept
     */
    public static function drawn(Tree $tree, Layer $layer, PathLayer $content): Tree
    {
        $path = PathData::parse($content->d);
        $around = $path->bounds();
        if ($around === null) {
            throw new InvalidInput('', 'Nothing would be left of the path.');
        }
        // As fine as path data is written, so that nothing creeps from edit to edit.
        $corner = new Point(round($around->x, 3), round($around->y, 3));
        // About the middle of its box it is turned, and that is elsewhere now.
        $middle = new Point($layer->box->width / 2, $layer->box->height / 2);
        $half = new Point($around->width / 2, $around->height / 2);
        $place = $corner->plus($half)->minus($middle)->turned($layer->rotation)->plus($middle)->minus($half);
        $box = new Box($layer->box->x + $place->x, $layer->box->y + $place->y, $around->width, $around->height);
        $moved = $content->moved(-$corner->x, -$corner->y);
        if (strlen($moved->d) > PathData::MAX_LENGTH) {
            throw new InvalidInput('', 'The path would have more points than can be kept.');
        }

        return $tree->withLayers(self::sized($layer, $box)->with(content: $moved, box: $box));
    }

    /** What sized a side that another box makes longer or shorter sizes it no longer; text that is made wider or narrower wraps. */
    private static function sized(Layer $layer, Box $box): Layer
    {
        $wider = abs($box->width - $layer->box->width) > self::SAME;
        $higher = abs($box->height - $layer->box->height) > self::SAME;
        $content = $layer->content;
        if ($content instanceof Text && $wider) {
            $layer = $layer->with(content: $content->with(wrapped: true));
        }
        $sizing = $layer->sizing;
        if ($wider && $layer->widthFrom() !== Size::Length) {
            $sizing = $sizing->with(width: Size::Length);
        }
        // The height of a text is always that of its lines.
        if ($higher && $layer->heightFrom() !== Size::Length && ! $content instanceof Text) {
            $sizing = $sizing->with(height: Size::Length);
        }

        return $layer->with(sizing: $sizing);
    }

    /** The same for a box that the layout computed: what sizes it stays as it was. */
    public static function into(Tree $tree, Layer $layer, Box $box): Tree
    {
        if ($layer->content instanceof PathLayer && ($box->width !== $layer->box->width || $box->height !== $layer->box->height)) {
            $layer = $layer->with(content: $layer->content->scaled(self::factor($box->width, $layer->box->width), self::factor($box->height, $layer->box->height)));
        }
        $old = $layer->box;
        $tree = $tree->withLayers($layer->with(box: $box));

        return $layer->isContainer() ? self::inside($tree, $layer, $old, $box) : $tree;
    }

    /** What lies in a container follows its new size, each by its pins. A stack lays out its own; only what is absolute in it follows. */
    private static function inside(Tree $tree, Layer $container, Box $old, Box $new): Tree
    {
        if (abs($old->width - $new->width) <= self::SAME && abs($old->height - $new->height) <= self::SAME) {
            return $tree;
        }
        foreach ($tree->children(new Place($container->screen, $container->id)) as $child) {
            if ($container->lays($child)) {
                continue;
            }
            // A path takes its new size with its box.
            if ($container->fitsContent() && $child->pins === null && ! $child->content instanceof PathLayer) {
                $child = $child->with(content: $child->content->scaled(self::factor($new->width, $old->width), self::factor($new->height, $old->height)));
            }
            $tree = self::held($tree, $child, $old, $new, $container->fitsContent() ? Pins::proportion() : Pins::corner());
        }

        return $tree;
    }

    /** The layers of a screen that changed its size. */
    public static function screen(Tree $tree, Screen $old, Screen $new): Tree
    {
        if ($old->box->width === $new->box->width && $old->box->height === $new->box->height) {
            return $tree;
        }
        foreach ($tree->children(new Place($new->id)) as $layer) {
            $tree = self::held($tree, $layer, $old->box, $new->box, Pins::corner());
        }

        return $tree;
    }

    private static function held(Tree $tree, Layer $layer, Box $old, Box $new, Pins $otherwise): Tree
    {
        $box = ($layer->pins ?? $otherwise)->hold($layer->box, $old, $new);
        $text = $layer->content;
        if ($text instanceof Text && ! $text->wrapped && $layer->pins !== null && ! ($layer->pins->left && $layer->pins->right)) {
            // Free text keeps its size; only its anchor moves.
            $box = new Box($box->x + ($box->width - $layer->box->width) * $text->style->align->share(), $box->y, $layer->box->width, $box->height);
        }

        return $layer->pins === null ? self::into($tree, $layer, $box) : self::to($tree, $layer, $box);
    }

    private static function factor(float $new, float $old): float
    {
        return $old > 0 && $new > 0 ? $new / $old : 1.0;
    }
}
