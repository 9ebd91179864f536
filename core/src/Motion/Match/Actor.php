<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Arranging;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;

/** A layer as a match finds it on a screen: where it comes to lie, and what it lies in. */
final readonly class Actor
{
    /**
     * @param  string  $address  on its screen
     * @param  Point  $centre  of its box, px from the corner of the screen
     * @param  float  $angle  degrees, with the turns of all around it
     * @param  int  $order  in which it is painted
     * @param  bool  $whole  whether all that lies in it is carried with it, as one picture
     */
    public function __construct(
        public Layer $layer,
        public string $address,
        public ?self $parent,
        public Point $centre,
        public float $angle,
        public int $order,
        public bool $whole,
    ) {
    }

    /** Its box before all turns, px of the screen. */
    public function box(): Box
    {
        $box = $this->layer->box;

        return new Box($this->centre->x - $box->width / 2, $this->centre->y - $box->height / 2, $box->width, $box->height);
    }

    /** The corner from which what lies in it is counted, px of the screen. */
    public function corner(): Point
    {
        return $this->centre->plus((new Point(-$this->layer->box->width / 2, -$this->layer->box->height / 2))->turned($this->angle));
    }

    /** Whether it is seen itself, and not only what lies in it. */
    public function isPainted(): bool
    {
        $layer = $this->layer;

        return $this->whole || match (true) {
            $layer->content instanceof Group, $layer->content instanceof Instance => false,
            $layer->content instanceof Arranging => Fill::seen($layer->fills) !== [] || Stroke::seen($layer->strokes) !== [] || array_filter($layer->effects, fn (Effect $one): bool => ! $one->hidden) !== [],
            default => true,
        };
    }

    public function isIn(self $other): bool
    {
        for ($around = $this->parent; $around !== null; $around = $around->parent) {
            if ($around === $other) {
                return true;
            }
        }

        return false;
    }
}
