<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;

/** Cuts a path open at points: what is closed begins and ends there, what is open becomes two. */
final readonly class CutPath implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'cut-path';
    }

    public function label(Tree $before): string
    {
        return 'Cut '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
    }

    private function changed(Curves $path): Curves
    {
        return $path->cut($this->points($path));
    }
}
