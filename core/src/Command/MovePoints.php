<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;

/** Moves points of a path by a distance in px; their handles go with them. */
final readonly class MovePoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'move-points';
    }

    public function label(Tree $before): string
    {
        return 'Move points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->by();
    }

    private function changed(Curves $path): Curves
    {
        return $path->changed($this->points($path), fn (Node $node): Node => $node->movedBy($this->by()));
    }
}
