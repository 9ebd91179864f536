<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Alignment;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** Brings screens into line on the wall, with all of them or with the one picked last. */
final readonly class AlignScreens implements Command
{
    use OnScreens;

    /** @param  non-empty-list<string>  $screens  the one picked last stands last */
    private function __construct(private array $screens, private Alignment $edge, private bool $withLast)
    {
    }

    public static function type(): string
    {
        return 'align-screens';
    }

    public static function read(Reader $in): self
    {
        $screens = $in->ids('screens', 1, 500);

        return new self($screens === [] ? $in->fail('screens', 'at least one screen is expected') : $screens, $in->enum('edge', Alignment::class), $in->boolean('withLast', false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->screens);
    }

    public function apply(Tree $tree): Tree
    {
        $boxes = array_map(fn (string $id): Box => $tree->screen($id)->box, $this->screens);
        $with = $this->withLast ? $boxes[count($boxes) - 1] : Box::around(...$boxes);
        foreach ($this->screens as $id) {
            $screen = $tree->screen($id);
            $by = $this->edge->distance($screen->box, $with ?? $screen->box);
            $tree = $tree->withScreens($screen->with(box: $screen->box->movedBy($by->x, $by->y)));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Align '.$this->namingScreens($before, $this->screens)." ({$this->edge->value})";
    }
}
