<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;

/** Adds a point to a path, on the curve after one, at the place `t` from 0 to 1; the path looks as it did. */
final readonly class AddPoint implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'add-point';
    }

    public function label(Tree $before): string
    {
        return 'Add a point to '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->curve();
        $this->in->number('t', 0, 1);
    }

    private function changed(Curves $path): Curves
    {
        [$number, $after] = $this->curve($path);

        return $path->with($number, $path->subpaths[$number]->divided($after, $this->in->number('t', 0, 1)));
    }
}
