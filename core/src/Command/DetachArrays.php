<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\LayerNest;
use Kindred\Document\Layout\AlignContent;
use Kindred\Document\Layout\AlignItems;
use Kindred\Document\Layout\FlexWrap;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** Makes layers of the cells of arrays, each with what it shows: a stack that wraps as the array did. */
final readonly class DetachArrays implements Command
{
    use FromLayers;

    public static function type(): string
    {
        return 'detach-arrays';
    }

    public function apply(Tree $tree): Tree
    {
        $ids = Id::in($tree, $this->seed);
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $array = $layer->content instanceof ArrayLayer ? $layer->content : throw new InvalidInput('layers', "“{$layer->name}” is not an array.");
            $design = $tree->children(new Place($layer->screen, $layer->id))[0] ?? null;
            $tree = $design === null ? $tree->withoutLayers($layer->id) : $this->detached($tree, $layer, $array, $design, $ids);
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "Detach the cells of {$this->naming($before, $this->layers)}";
    }

    private function detached(Tree $tree, Layer $layer, ArrayLayer $array, Layer $design, Id $ids): Tree
    {
        $stack = $layer->with(
            id: $ids->next(),
            // What does not fill its column leaves the rest of it free.
            content: new Stack(
                wrap: FlexWrap::Wrap,
                rowGap: $array->rowGap,
                columnGap: $array->columnGap + max(0.0, $array->columnWidth($layer->box->width) - $design->box->width),
                alignItems: $design->content instanceof Stack ? AlignItems::Stretch : AlignItems::FlexStart,
                alignContent: AlignContent::FlexStart,
            ),
            sizing: $layer->sizing->with(width: $layer->widthFrom(), height: $layer->sizing->height ?? Size::Content),
        );
        $cells = [];
        foreach (Rank::spread(null, null, count($array->sheet->rows)) as $i => $rank) {
            $filled = Filling::of($tree, $array, $array->sheet->rows[$i]);
            array_push($cells, ...LayerNest::of($filled, $filled->layer($design->id))->layers(new Place($layer->screen, $stack->id), $rank, $ids));
        }

        return $tree->withoutLayers($layer->id, ...array_map(fn (Layer $part): string => $part->id, $tree->subtree($design->id)))->withLayers($stack, ...$cells);
    }
}
