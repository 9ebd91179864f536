<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Layout\IconShapes;

/** Makes an icon of the project from layers that lie in one place; they stay. It is named after the foremost of them. */
final readonly class MakeIcon implements UsesShapes
{
    use OnShapes;

    public static function type(): string
    {
        return 'make-icon';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count(array_unique(array_map(fn (Layer $layer): array => [$layer->screen, $layer->parent], $layers), SORT_REGULAR)) > 1) {
            throw new InvalidInput('layers', 'Choose layers that lie in one place: on one screen, or in one group. Nothing was changed.');
        }
        $icon = (new IconShapes($this->shapes()))->of($tree, $layers, OwnIcon::named($layers[count($layers) - 1]->name));

        return PutIcons::with($tree, $icon->with(name: OwnIcon::free($icon->name, $this->shapes()->icons, array_column($tree->project->icons, 'name'))));
    }

    public function label(Tree $before): string
    {
        return 'Make an icon of '.$this->naming($before, $this->layers);
    }
}
