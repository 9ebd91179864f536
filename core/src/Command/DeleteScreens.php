<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Deletes screens with their layers and their takes: what they hold stays as it is, out of sight, until they are brought
 * back. Cues that lead there stay and do nothing meanwhile.
 */
final readonly class DeleteScreens implements Command
{
    use OnScreens;

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
        return new WorkingSet(screens: $this->screens, reel: true, uses: $this->screens);
    }

    public function apply(Tree $tree): Tree
    {
        $all = [];
        foreach ($this->screens as $id) {
            foreach ([$tree->screen($id), ...$tree->takes($id)] as $screen) {
                $all[$screen->id] = $screen->with(gone: true);
            }
        }
        foreach ($all as $screen) {
            $uses = $screen->component === null ? [] : array_filter(RemoveComponent::uses($tree, $screen->id), fn (Layer $use): bool => ! isset($all[$use->screen ?? '']));
            if ($uses !== []) {
                throw new InvalidInput('screens', "“{$screen->name}” is a component that is used in ".(count($uses) === 1 ? 'one place' : count($uses).' places').'. Delete it from the list of components, which asks what becomes of them. Nothing was changed.');
            }
        }
        $tree = $tree->withScreens(...array_values($all));
        if (isset($all[$tree->project->entry ?? ''])) {
            $tree = $tree->withProject($tree->project->with(entry: ($tree->reel()[0] ?? null)?->id));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Delete '.$this->namingScreens($before, $this->screens);
    }
}
