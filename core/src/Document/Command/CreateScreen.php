<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Hangs a new screen at the end of the reel. The first screen of a project becomes its entry. */
final readonly class CreateScreen implements Command
{
    private function __construct(private Screen $screen)
    {
    }

    public static function type(): string
    {
        return 'create-screen';
    }

    public static function read(Reader $in): self
    {
        return new self(Screen::read($in->object('screen'), '')->with(gone: false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen->id], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        if (isset($tree->screens[$this->screen->id]) || isset($tree->gone[$this->screen->id])) {
            throw new InvalidInput('screen.id', 'there is a screen with that id already');
        }
        $reel = $tree->reel();
        $last = $reel === [] ? null : $reel[count($reel) - 1]->rank;
        $tree = $tree->withScreens($this->screen->with(rank: Rank::between($last, null)));

        return $reel === [] ? $tree->withProject($tree->project->with(entry: $this->screen->id)) : $tree;
    }

    public function label(Tree $before): string
    {
        return "Add screen {$this->screen->name}";
    }
}
