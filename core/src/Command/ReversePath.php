<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;

/** Lets the parts of a path that have some points run the other way: what lies at the start of a stroke is at its end then. */
final readonly class ReversePath implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'reverse-path';
    }

    public function label(Tree $before): string
    {
        return 'Reverse '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
    }

    private function changed(Curves $path): Curves
    {
        foreach (array_unique(array_column($this->points($path), 0)) as $number) {
            $path = $path->with($number, $path->subpaths[$number]->reversed());
        }

        return $path;
    }
}
