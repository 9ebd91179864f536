<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;

/** Puts a layer into a new box, with all that lies in it. */
final class Resize
{
    /** The tree with the layer (which may carry other changes) in its new box. Text that is resized wraps. */
    public static function to(Tree $tree, Layer $layer, Box $box): Tree
    {
        $resized = abs($box->width - $layer->box->width) > 0.0005 || abs($box->height - $layer->box->height) > 0.0005;
        $content = $layer->content;
        if ($resized && $content instanceof Text && abs($box->width - $layer->box->width) > 0.0005) {
            $layer = $layer->with(content: $content->with(wrapped: true));
        }
        $tree = $tree->withLayers($layer->with(box: $box));

        return $resized && $layer->isGroup()
            ? self::scale($tree, $layer, self::factor($box->width, $layer->box->width), self::factor($box->height, $layer->box->height))
            : $tree;
    }

    private static function scale(Tree $tree, Layer $group, float $fx, float $fy): Tree
    {
        foreach ($tree->children(new Place($group->screen, $group->id)) as $child) {
            $box = new Box($child->box->x * $fx, $child->box->y * $fy, $child->box->width * $fx, $child->box->height * $fy);
            $tree = $tree->withLayers($child->with(box: $box, content: $child->content->scaled($fx, $fy)));
            if ($child->isGroup()) {
                $tree = self::scale($tree, $child, $fx, $fy);
            }
        }

        return $tree;
    }

    private static function factor(float $new, float $old): float
    {
        return $old > 0 ? $new / $old : 1.0;
    }
}
