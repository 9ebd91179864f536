<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Spread;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Makes the gaps between screens on the wall equal along an axis, in the order in which they lie; see `Spread` for the gap. */
final readonly class DistributeScreens implements Command
{
    use OnScreens;

    /** @param  list<string>  $screens */
    private function __construct(private array $screens, private Axis $axis, private ?float $gap)
    {
    }

    public static function type(): string
    {
        return 'distribute-screens';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('screens', 1, 500), $in->enum('axis', Axis::class), $in->has('gap') ? $in->number('gap') : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->screens);
    }

    public function apply(Tree $tree): Tree
    {
        $boxes = [];
        foreach ($this->screens as $id) {
            $boxes[$id] = $tree->screen($id)->box;
        }
        if (count($boxes) < 2 || ($this->gap === null && count($boxes) < 3)) {
            throw new InvalidInput('screens', $this->gap === null ? 'Select three screens or more to make their gaps equal, or give a gap for two.' : 'Select two screens or more to set their gap.');
        }
        foreach (Spread::along($this->axis, $boxes, $this->gap) as $id => $start) {
            $by = $this->axis->by($start - $this->axis->start($boxes[$id]));
            $tree = $tree->withScreens($tree->screen($id)->with(box: $boxes[$id]->movedBy($by->x, $by->y)));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return ($this->gap === null ? 'Even the gaps of ' : 'Set the gap of ').$this->namingScreens($before, $this->screens);
    }
}
