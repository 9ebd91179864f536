<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Dissolves groups and compounds; what lay in them stays where it is, and takes on the group's turn and opacity. */
final readonly class UngroupLayers implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private Place $place, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'ungroup-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(new Place($in->optionalId('screen'), Address::optionalLayer($in, 'parent')), Address::layers($in));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->place->screen), layers: $this->layers, siblings: [$this->place]);
    }

    public function apply(Tree $tree): Tree
    {
        $freed = $gone = [];
        foreach ($this->selected($tree, $this->place->screen, $this->layers) as $group) {
            if (! $group->isContainer()) {
                throw new InvalidInput('layers', "“{$group->name}” is neither a group, a stack nor a compound.");
            }
            $children = $tree->children(new Place($group->screen, $group->id));
            // What led somewhere as a compound does so as its lowest part.
            if ($group->content instanceof Compound && $children !== []) {
                $children[0] = $children[0]->with(cues: [...$children[0]->cues, ...$group->cues]);
            }
            foreach (Rank::spread($group->rank, $this->above($tree, $group), count($children)) as $i => $rank) {
                $freed[] = $this->freed($group, $children[$i], $rank);
            }
            $gone[] = $group->id;
        }

        return $tree->withLayers(...$freed)->withoutLayers(...$gone);
    }

    public function label(Tree $before): string
    {
        return 'Ungroup '.$this->naming($before, $this->layers);
    }

    private function freed(Layer $group, Layer $child, string $rank): Layer
    {
        $half = new Point($group->box->width / 2, $group->box->height / 2);
        $centre = $child->box->centre()->minus($half)->turned($group->rotation)->plus($group->box->centre());

        return $child->with(
            parent: $group->parent,
            rank: $rank,
            box: new Box($centre->x - $child->box->width / 2, $centre->y - $child->box->height / 2, $child->box->width, $child->box->height),
            rotation: fmod($child->rotation + $group->rotation, 360),
            // As a part of a compound it was not seen by itself, and looks as it would have.
            opacity: $group->content instanceof Compound ? $child->opacity : $child->opacity * $group->opacity,
            // What was put together by one operation is by that, each by itself.
            operation: $group->operation,
            hidden: $child->hidden || $group->hidden,
            // Outside it would mask everything that it comes to lie with.
            masking: false,
        );
    }
}
