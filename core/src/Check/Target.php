<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Layer\Widget;
use Kindred\Geometry\Box;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;

/** Something that can be tapped or pressed: a layer with such a cue, or a place of a widget that works. */
final readonly class Target
{
    /**
     * @param  Box  $box  on the screen, px, upright
     * @param  string|null  $entry  of a widget with several places, what this one is called
     */
    private function __construct(public Placed $placed, public Box $box, public ?string $entry = null)
    {
    }

    /** @return list<self> */
    public static function of(Scene $scene): array
    {
        $targets = [];
        $kit = $scene->kit();
        foreach ($scene->seen as $placed) {
            if ($placed->isTapped()) {
                $targets[] = new self($placed, $placed->bounds);
            } elseif ($placed->layer->content instanceof Widget && Kit::find($placed->layer->content->widget) instanceof Interactive) {
                $areas = $kit->areas($placed->layer);
                if ($areas === []) {
                    $targets[] = new self($placed, $placed->bounds);
                }
                foreach ($areas as $area) {
                    $middle = $placed->outward($area->box->centre());
                    $box = new Box($middle->x - $area->box->width / 2, $middle->y - $area->box->height / 2, $area->box->width, $area->box->height);
                    $targets[] = new self($placed, $box, $area->label);
                }
            }
        }

        return $targets;
    }

    public function called(): string
    {
        return $this->entry === null || $this->entry === '' ? $this->placed->called() : "“{$this->entry}” of {$this->placed->called()}";
    }
}
