<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Input\Arithmetic;
use Kindred\Input\Reader;

/** Puts points of a path where is typed, `x`, `y` or both in px: a sum about where each lies, such as `+10`, moves each by itself. */
final readonly class PlacePoints implements Command
{
    use OnPath;

    public static function type(): string
    {
        return 'place-points';
    }

    public function label(Tree $before): string
    {
        return 'Place points of '.$this->naming($before, [$this->layer]);
    }

    private function check(): void
    {
        $this->points();
        $this->typed('x', 0);
        $this->typed('y', 0);
    }

    private function changed(Curves $path): Curves
    {
        return $path->changed($this->points($path), fn (Node $node): Node => $node->movedBy((new Point($this->typed('x', $node->at->x), $this->typed('y', $node->at->y)))->minus($node->at)));
    }

    /** What is typed for a coordinate, about what there is; that where nothing is. */
    private function typed(string $key, float $has): float
    {
        $typed = $this->in->has($key) ? trim($this->in->string($key, 80)) : '';
        $value = $typed === '' ? $has : Arithmetic::evaluate(Arithmetic::about($typed, Number::text($has)), place: $key);

        return abs($value) <= Reader::LIMIT ? $value : $this->in->fail($key, 'the number must lie between -'.Reader::LIMIT.' and '.Reader::LIMIT);
    }
}
