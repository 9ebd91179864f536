<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Point;

/** Scales points of a path about a place, as they are scaled together: by `across` and `down`, which turn them over where they are negative. */
final readonly class ScalePoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'scale-points';
    }

    public function label(Tree $before): string
    {
        return 'Scale points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->map();
    }

    private function changed(Curves $path): Curves
    {
        return $path->changed($this->points($path), fn (Node $node): Node => $node->mapped($this->map()));
    }

    /** @return \Closure(Point): Point */
    private function map(): \Closure
    {
        $about = $this->in->object('about');
        [$x, $y, $across, $down] = [$about->number('x'), $about->number('y'), $this->in->number('across', -1000, 1000), $this->in->number('down', -1000, 1000)];

        return fn (Point $point): Point => new Point($x + ($point->x - $x) * $across, $y + ($point->y - $y) * $down);
    }
}
