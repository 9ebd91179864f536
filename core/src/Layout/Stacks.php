<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Layout\Flex\FlexLayout;
use Kindred\Layout\Flex\FlexNode;
use Kindred\Type\Typesetter;

/**
 * Lays out a stack with all stacks right in it.
 *
 * Groups, and whatever else has no content of its own, take part with the box that they have. A stack
 * that lies in no other is as large as its content where its sizing says so (max-content).
 */
final readonly class Stacks
{
    public function __construct(private Typesetter $typesetter, private Cells $cells)
    {
    }

    public function lay(Tree $tree, Layer $root): Tree
    {
        $node = $this->node($tree, $root);
        (new FlexLayout)->lay($node);

        return $this->write($tree, $root, $node, $root->box->x, $root->box->y);
    }

    private function node(Tree $tree, Layer $layer): FlexNode
    {
        $content = $layer->content;
        $children = [];
        if ($content instanceof Stack) {
            foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
                if ($layer->lays($child)) {
                    $children[] = $this->node($tree, $child);
                }
            }
        }
        $fixed = $layer->fitsContent();

        return new FlexNode(
            $this->from($layer->widthFrom(), $fixed),
            $this->from($layer->heightFrom(), $fixed),
            $layer->box->width,
            $layer->box->height,
            $layer->sizing->hasLimits() ? $layer->sizing : null,
            $content instanceof Stack ? $content : null,
            $children,
            match (true) {
                $content instanceof Text => new Words($this->typesetter, $content),
                default => $this->cells->expander($layer)?->inStack($tree, $layer),
            },
        );
    }

    /** A group or a compound is as large as what lies in it. */
    private function from(Size $size, bool $fixed): Size
    {
        return $fixed && $size === Size::Content ? Size::Length : $size;
    }

    private function write(Tree $tree, Layer $layer, FlexNode $node, float $x, float $y): Tree
    {
        $box = new Box($x, $y, self::exact($node->w), self::exact($node->h));
        if (! $box->equals($layer->box)) {
            $tree = Resize::into($tree, $layer, $box);
        }
        if ($node->children === []) {
            return $tree;
        }
        $i = 0;
        foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
            if ($layer->lays($child)) {
                $inner = $node->children[$i++];
                $tree = $this->write($tree, $child, $inner, self::exact($inner->x), self::exact($inner->y));
            }
        }

        return $tree;
    }

    /** Rounded to thousandths of a px, so that a repeated layout gives the same. */
    private static function exact(float $length): float
    {
        return round($length, 3);
    }
}
