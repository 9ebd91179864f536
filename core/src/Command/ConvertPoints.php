<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Curve\Subpath;

/** Makes points of a path smooth, or corners without handles. */
final readonly class ConvertPoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'convert-points';
    }

    public function label(Tree $before): string
    {
        return 'Convert points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->in->boolean('smooth');
    }

    private function changed(Curves $path): Curves
    {
        $smooth = $this->in->boolean('smooth');

        return $path->changed($this->points($path), fn (Node $node, Subpath $of, int $number): Node => $smooth
            ? $node->smooth($of->beside($number, -1)?->at, $of->beside($number, 1)?->at)
            : $node->corner());
    }
}
