<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Group;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Gathers layers of one place into a group, in which the topmost shape, text, icon or picture masks the others. */
final readonly class MaskLayers implements Command
{
    use FromLayers;

    public static function type(): string
    {
        return 'mask-layers';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($layers) < 2) {
            throw new InvalidInput('layers', 'Select what is to be masked and, above it, the shape, text or icon that masks it.');
        }
        $top = $this->together($layers);
        $able = array_values(array_filter($layers, fn (Layer $layer): bool => self::canMask($layer) && ! $layer->hidden));
        $mask = $able[count($able) - 1] ?? throw new InvalidInput('layers', 'None of these can mask: select a shape, a text, an icon or a picture with them.');
        $box = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers)) ?? $mask->box;
        $group = new Layer(Id::in($tree, $this->seed)->next(), $this->screen, $top->parent, $top->rank, self::called($layers, $mask), $box, new Group);
        $tree = $tree->withLayers($group);
        // What masks lies on top.
        $ordered = [...array_filter($layers, fn (Layer $layer): bool => $layer !== $mask), $mask];
        foreach (Rank::spread(null, null, count($ordered)) as $i => $rank) {
            $layer = $ordered[$i];
            $tree = $tree->withLayers($this->gathered($layer, $group, $rank)->with(masking: $layer === $mask));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Mask '.$this->naming($before, $this->layers);
    }

    /**
     * After the one thing that is masked, or after none of several.
     *
     * @param  list<Layer>  $layers
     */
    private static function called(array $layers, Layer $mask): string
    {
        $others = array_values(array_filter($layers, fn (Layer $layer): bool => $layer !== $mask));

        return count($others) === 1 ? mb_strimwidth("{$others[0]->name}, masked", 0, Reader::MAX_NAME, '…') : 'Masked';
    }

    private static function canMask(Layer $layer): bool
    {
        return isset($layer->content->paint()['masking']);
    }
}
