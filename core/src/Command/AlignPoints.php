<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Alignment;
use Kindred\Geometry\Box;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;

/** Brings points of a path into line, at an edge or in the middle of where they lie. */
final readonly class AlignPoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'align-points';
    }

    public function label(Tree $before): string
    {
        return 'Align points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->in->enum('to', Alignment::class);
    }

    private function changed(Curves $path): Curves
    {
        $points = $this->points($path);
        $around = Box::around(...array_map(fn (array $point): Box => self::at($path->subpaths[$point[0]]->nodes[$point[1]]), $points)) ?? new Box(0, 0, 0, 0);
        $to = $this->in->enum('to', Alignment::class);

        return $path->changed($points, fn (Node $node): Node => $node->movedBy($to->distance(self::at($node), $around)));
    }

    private static function at(Node $node): Box
    {
        return new Box($node->at->x, $node->at->y, 0, 0);
    }
}
