<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Handle;
use Kindred\Geometry\Curve\Node;

/** Bends a curve of a path, or a line, so that its place `t`, from 0 to 1, lies further by a distance in px. Points that are smooth stay so. */
final readonly class BendCurve implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'bend-curve';
    }

    public function label(Tree $before): string
    {
        return 'Bend '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->curve();
        $this->by();
        $this->place();
    }

    private function changed(Curves $path): Curves
    {
        [$number, $after] = $this->curve($path);
        $subpath = $path->subpaths[$number];
        $next = ($after + 1) % count($subpath->nodes);
        $bent = $subpath->curve($after)->bent($this->place(), $this->by());
        $path = $path->changed([[$number, $after]], fn (Node $node): Node => $node->pulled(Handle::Out, $bent->b, false));

        return $path->changed([[$number, $next]], fn (Node $node): Node => $node->pulled(Handle::In, $bent->c, false));
    }

    /** Nearer to its ends a handle would have to go far for a little. */
    private function place(): float
    {
        return $this->in->number('t', 0.2, 0.8);
    }
}
