<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Deletes screens with their layers and their takes. Cues that lead there stay and do nothing until the screen is back. */
final readonly class DeleteScreens implements Command
{
    /** @param  list<string>  $screens */
    private function __construct(private array $screens)
    {
    }

    public static function type(): string
    {
        return 'delete-screens';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('screens', 1, 500));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(takes: $this->screens, reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $all = [];
        foreach ($this->screens as $id) {
            $tree->screen($id);
            array_push($all, $id, ...array_map(fn (Screen $take): string => $take->id, $tree->takes($id)));
        }
        $layers = array_merge(...array_map(fn (string $id): array => $tree->layersOf($id), array_values(array_unique($all))));
        $tree = $tree->withoutLayers(...array_map(fn (Layer $layer): string => $layer->id, $layers))->withoutScreens(...$all);
        if (in_array($tree->project->entry, $all, true)) {
            $tree = $tree->withProject($tree->project->with(entry: ($tree->reel()[0] ?? null)?->id));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Delete '.(count($this->screens) === 1 ? 'screen '.($before->screens[$this->screens[0]]->name ?? '') : count($this->screens).' screens');
    }
}
