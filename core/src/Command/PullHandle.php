<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Handle;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Point;

/** Pulls a handle of a point of a path elsewhere, or out of a point that has none there: of a smooth point the other turns with it, unless they are pulled `apart`. */
final readonly class PullHandle implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'pull-handle';
    }

    public function label(Tree $before): string
    {
        return 'Pull a handle of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->in->enum('handle', Handle::class);
        $this->to();
    }

    private function changed(Curves $path): Curves
    {
        return $path->changed($this->points($path), fn (Node $node): Node => $node->pulled($this->in->enum('handle', Handle::class), $this->to(), $this->in->boolean('apart', false)));
    }

    private function to(): Point
    {
        return new Point($this->in->number('x'), $this->in->number('y'));
    }
}
