<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Bounds;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/** A layer that reaches out of what it lies in: of its screen, or of the stack that lays it out. */
final readonly class Overflow
{
    /** px that count as nothing. */
    private const SLOP = 0.5;

    /** @param  Box  $box  where the layer lies on the screen, px */
    private function __construct(public Layer $layer, public string $of, public Box $box)
    {
    }

    /** @return list<self> the outermost first; what lies in something that sticks out is not named again */
    public static function on(Tree $tree, string $screen): array
    {
        $frame = $tree->screen($screen)->box;
        $found = [];
        $out = [];
        foreach ($tree->layersOf($screen) as $layer) {
            if ($layer->hidden || isset($out[$layer->parent ?? ''])) {
                $out[$layer->id] = true;

                continue;
            }
            $bounds = Bounds::of($tree, $layer);
            $parent = $layer->parent === null ? null : $tree->layer($layer->parent);
            $of = match (true) {
                ! $layer->isGroup() && ! (new Box(0, 0, $frame->width, $frame->height))->contains($bounds, self::SLOP) => 'the screen',
                $parent !== null && $parent->lays($layer) && ! Bounds::of($tree, $parent)->contains($bounds, self::SLOP) => $parent->name,
                default => null,
            };
            if ($of !== null) {
                $found[] = new self($layer, $of, $bounds);
                $out[$layer->id] = true;
            }
        }

        return $found;
    }
}
