<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Type\LaidLine;
use Kindred\Type\Typesetter;

/**
 * Every layer's computed box in px from the corner of its screen, each parent before its children.
 * What is turned is given by its unturned box about the middle that it has.
 *
 * @phpstan-type Measured array{screen: string, id: string, name: string, x: float, y: float, width: float, height: float, lines?: list<string>}
 */
final readonly class Measurement
{
    public function __construct(private Typesetter $typesetter, private Expansion $expansion)
    {
    }

    /** @return list<Measured> by their addresses: the layers of an array once a cell */
    public function of(Tree $tree, string $screen): array
    {
        $out = [];
        foreach ($tree->children(new Place($screen)) as $layer) {
            array_push($out, ...$this->inside($tree, $layer, $screen, new Address(''), fn (Point $point): Point => $point));
        }

        return $out;
    }

    /**
     * @param  \Closure(Point): Point  $out  from the space that the layer's box is given in to the screen
     * @return list<Measured>
     */
    private function inside(Tree $tree, Layer $layer, string $screen, Address $place, \Closure $out): array
    {
        $half = new Point($layer->box->width / 2, $layer->box->height / 2);
        $middle = $out($layer->box->centre());
        $measured = [[
            'screen' => $screen,
            'id' => (string) $place->with($layer->id),
            'name' => $layer->name,
            'x' => round($middle->x - $half->x, 3),
            'y' => round($middle->y - $half->y, 3),
            'width' => $layer->box->width,
            'height' => $layer->box->height,
        ] + ($layer->content instanceof Text ? ['lines' => $this->lines($layer, $layer->content)] : [])];
        $further = fn (Point $point): Point => $out($point->minus($half)->turned($layer->rotation)->plus($layer->box->centre()));
        if ($layer->content instanceof Expanding) {
            foreach ($this->expansion->of($tree, $layer) as $copy) {
                array_push($measured, ...$this->inside($copy->tree, $copy->root, $screen, $place->inside($copy->name), $further));
            }
        } elseif ($layer->isContainer()) {
            foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
                array_push($measured, ...$this->inside($tree, $child, $screen, $place, $further));
            }
        }

        return $measured;
    }

    /** @return list<string> */
    private function lines(Layer $layer, Text $text): array
    {
        return array_map(fn (LaidLine $line): string => $line->text, $text->laid($this->typesetter, $layer->box)->lines);
    }
}
