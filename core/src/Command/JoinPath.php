<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Input\InvalidInput;

/** Joins two ends of a path by a line, or in one point where they lie in one place; with one point its subpath is closed. */
final readonly class JoinPath implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'join-path';
    }

    public function label(Tree $before): string
    {
        return 'Join '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
    }

    private function changed(Curves $path): Curves
    {
        $points = $this->points($path);
        [$first, $second] = [$points[0], $points[1] ?? null];
        if ($second === null && ! $path->subpaths[$first[0]]->closed) {
            return $path->with($first[0], $path->subpaths[$first[0]]->closed());
        }
        $areEnds = count($points) === 2 && $first !== $second && $path->subpaths[$first[0]]->isEnd($first[1]) && $path->subpaths[$second[0] ?? 0]->isEnd($second[1] ?? -1);

        return $areEnds && $second !== null ? $path->joined($first, $second) : throw new InvalidInput('points', 'Select two ends of open parts of the path to join them, or one point of an open part to close it.');
    }
}
