<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Group;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;

/** Gathers layers of one place into a group that takes the rank of the topmost. */
final readonly class GroupLayers implements Command
{
    use FromLayers;

    public static function type(): string
    {
        return 'group-layers';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $top = $this->together($layers);
        $box = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers));
        if ($box === null) {
            throw new InvalidInput('layers', 'there is nothing to group');
        }
        $group = new Layer(Id::in($tree, $this->seed)->next(), $this->screen, $top->parent, $top->rank, 'Group', $box, new Group, operation: $layers[0]->operation);
        $tree = $tree->withLayers($group);
        foreach (Rank::spread(null, null, count($layers)) as $i => $rank) {
            $tree = $tree->withLayers($layers[$i]->with(parent: $group->id, rank: $rank, box: $layers[$i]->box->movedBy(-$box->x, -$box->y)));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Group '.$this->naming($before, $this->layers);
    }
}
