<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\Typesetter;

/**
 * Brings back into step what depends on a change: texts take the size of their lines, groups
 * shrink and grow around what lies in them, and a group that has nothing left goes.
 */
final readonly class Relayout
{
    public function __construct(private Typesetter $typesetter)
    {
    }

    public function after(Tree $before, Tree $after): Tree
    {
        $groups = [];
        foreach ($this->changed($before, $after) as $layer) {
            if (isset($after->layers[$layer->id])) {
                $after = $this->fitted($before, $after, $after->layers[$layer->id]);
            }
            foreach ([$before, $after] as $tree) {
                $parent = ($tree->layers[$layer->id] ?? null)?->parent;
                if ($parent !== null) {
                    $groups[$parent] = true;
                }
            }
        }

        return $this->refit($after, array_map(strval(...), array_keys($groups)));
    }

    /** The layer with its text measured; other kinds as they are. */
    public function measured(Layer $layer): Layer
    {
        $text = $layer->content;
        if (! $text instanceof Text) {
            return $layer;
        }
        $laid = $this->typesetter->lay($text->words, $text->style, $text->wrapped ? $layer->box->width : null);
        $width = $text->wrapped ? $layer->box->width : round($laid->width, 2);

        return $layer->with(box: $layer->box->sized($width, round($laid->height, 2)));
    }

    /** @return list<Layer> */
    private function changed(Tree $before, Tree $after): array
    {
        $changed = [];
        foreach ($after->layers as $id => $layer) {
            if (($before->layers[$id] ?? null) !== $layer) {
                $changed[] = $layer;
            }
        }

        return [...$changed, ...array_values(array_diff_key($before->layers, $after->layers))];
    }

    /** Free text that changes its width keeps the side it is aligned to where it was. */
    private function fitted(Tree $before, Tree $tree, Layer $layer): Tree
    {
        if (! $layer->content instanceof Text) {
            return $tree;
        }
        $old = ($before->layers[$layer->id] ?? null);
        if ($old !== null && $old->content === $layer->content && $old->box->width === $layer->box->width && $old->box->height === $layer->box->height) {
            return $tree;
        }
        $measured = $this->measured($layer);
        $grown = $measured->box->width - $layer->box->width;
        if ($old !== null && $grown !== 0.0 && ! $layer->content->wrapped) {
            $measured = $measured->with(box: $measured->box->movedBy(-$grown * $layer->content->style->align->share(), 0));
        }

        return $tree->withLayers($measured);
    }

    /** @param  list<string>  $ids groups whose content may have changed */
    private function refit(Tree $tree, array $ids): Tree
    {
        while (($id = array_shift($ids)) !== null) {
            $group = $tree->layers[$id] ?? null;
            if ($group === null) {
                continue;
            }
            $children = $tree->children(new Place($group->screen, $id));
            $bounds = Box::around(...array_map(fn (Layer $child): Box => $child->bounds(), $children));
            if ($bounds === null) {
                $tree = $tree->withoutLayers($id);
            } elseif ($this->differs($bounds, $group->box)) {
                $tree = $this->around($tree, $group, $bounds, $children);
            } else {
                continue;
            }
            if ($group->parent !== null) {
                $ids[] = $group->parent;
            }
        }

        return $tree;
    }

    private function differs(Box $bounds, Box $group): bool
    {
        return max(abs($bounds->x), abs($bounds->y), abs($bounds->width - $group->width), abs($bounds->height - $group->height)) > 0.001;
    }

    /**
     * The group drawn around its content, which stays where it is on the screen even when the group
     * is turned: its middle moves, so its corner has to make up for the turn.
     *
     * @param  list<Layer>  $children
     */
    private function around(Tree $tree, Layer $group, Box $bounds, array $children): Tree
    {
        $old = new Point($group->box->width / 2, $group->box->height / 2);
        $new = new Point($bounds->width / 2, $bounds->height / 2);
        $shift = $old->minus($new)->plus((new Point($bounds->x, $bounds->y))->plus($new)->minus($old)->turned($group->rotation));
        $tree = $tree->withLayers($group->with(box: new Box($group->box->x + $shift->x, $group->box->y + $shift->y, $bounds->width, $bounds->height)));
        if (abs($bounds->x) < 0.001 && abs($bounds->y) < 0.001) {
            return $tree;
        }

        return $tree->withLayers(...array_map(
            fn (Layer $child): Layer => $child->with(box: $child->box->movedBy(-$bounds->x, -$bounds->y)),
            $children,
        ));
    }
}
