<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;

/** Removes points of a path; the curves beside them become one. */
final readonly class RemovePoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'remove-points';
    }

    public function label(Tree $before): string
    {
        return 'Remove points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
    }

    private function changed(Curves $path): Curves
    {
        return $path->without($this->points($path));
    }
}
