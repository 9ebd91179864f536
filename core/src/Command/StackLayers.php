<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layout\Inference;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/**
 * Lays layers of one place out as a stack, with what Inference reads off where they lie. A single group
 * becomes a stack itself.
 */
final readonly class StackLayers implements Command
{
    use FromLayers;

    public static function type(): string
    {
        return 'stack-layers';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($layers) === 1 && $layers[0]->isGroup()) {
            return $this->stacked($tree, $layers[0], $tree->children(new Place($layers[0]->screen, $layers[0]->id)), true);
        }
        $top = $this->together($layers);
        $container = new Layer(Id::in($tree, $this->seed)->next(), $this->screen, $top->parent, $top->rank, 'Stack', $top->box, $top->content);

        return $this->stacked($tree, $container, $layers, false);
    }

    public function label(Tree $before): string
    {
        return "Stack {$this->naming($before, $this->layers)}";
    }

    /** @param  list<Layer>  $layers */
    private function stacked(Tree $tree, Layer $container, array $layers, bool $inside): Tree
    {
        $inference = Inference::of($layers) ?? throw new InvalidInput('layers', 'There is nothing to stack; select a layer or more.');
        $box = $inside ? $inference->box->movedBy($container->box->x, $container->box->y) : $inference->box;
        $ground = $inference->ground;
        $container = $container->with(content: $inference->stack, box: $box, sizing: $container->sizing->with(
            width: $ground === null ? Size::Content : Size::Length,
            height: $ground === null ? Size::Content : Size::Length,
        ));
        if ($ground !== null) {
            $container = $container->with(fills: $ground->fills, strokes: $ground->strokes, corners: $ground->corners, opacity: $container->opacity * $ground->opacity, pins: $ground->pins);
            $tree = $tree->withoutLayers($ground->id);
        }
        $tree = $tree->withLayers($container);
        foreach (Rank::spread(null, null, count($inference->items)) as $i => $rank) {
            $item = $inference->items[$i];
            $tree = $tree->withLayers($item->with(
                parent: $container->id,
                rank: $rank,
                box: $item->box->movedBy(-$inference->box->x, -$inference->box->y),
                sizing: $item->sizing->with(alignSelf: null, absolute: false),
                pins: null,
            ));
        }

        return $tree;
    }
}
