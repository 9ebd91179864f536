<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Geometry\Bands;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/** Layers by where they lie, so that those at a place are found without looking at all of them. */
final readonly class Near
{
    private Bands $bands;

    /**
     * @param  list<Placed>  $all
     * @param  (\Closure(Placed): Box)|null  $box  where each lies, on the screen; its bounds where null
     */
    public function __construct(private array $all, ?\Closure $box = null)
    {
        $this->bands = new Bands(array_map($box ?? fn (Placed $one): Box => $one->bounds, $all));
    }

    /** @return list<Placed> those that have a point in common with a box, if only one of an edge, in their order */
    public function meeting(Box $box): array
    {
        return array_map(fn (int $number): Placed => $this->all[$number], $this->bands->meeting($box));
    }

    /** @return list<Placed> those that hold a point, in their order */
    public function at(Point $point): array
    {
        return $this->meeting(new Box($point->x, $point->y, 0, 0));
    }
}
