<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\Scroll;
use Kindred\Document\Layout\ScrollSnap;
use Kindred\Document\Place;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/** What a container that is scrolled shows of what lies in it, and where it comes to rest. */
final readonly class ScrollRegion
{
    /**
     * @param  float  $width  of what lies in it, px; at least that of its box
     * @param  float  $height  the same down
     * @param  list<float>  $across  where it stands for each of its layers, px that it is scrolled to the right; in their order, as far as it can be
     * @param  list<float>  $down  the same down
     */
    private function __construct(public Box $box, public Scroll $scroll, public float $width, public float $height, public array $across, public array $down)
    {
    }

    /** Null of a layer that is not scrolled. */
    public static function of(Tree $tree, Layer $layer): ?self
    {
        $stack = $layer->content;
        if (! $stack instanceof Stack || ! $layer->scrolls()) {
            return null;
        }
        $children = array_values(array_filter($tree->children(new Place($layer->screen, $layer->id)), fn (Layer $child): bool => ! $child->hidden));
        $boxes = array_map(fn (Layer $child): Box => $child->bounds(), $children);
        $width = max([$layer->box->width, ...array_map(fn (Box $box): float => $box->right() + $stack->padding->right, $boxes)]);
        $height = max([$layer->box->height, ...array_map(fn (Box $box): float => $box->bottom() + $stack->padding->bottom, $boxes)]);
        [$across, $down] = [[], []];
        // What lies freely beside what is laid out, a badge or the like, is no place to come to rest.
        $laid = array_filter($children, fn (Layer $child): bool => ! $child->sizing->absolute) !== [];
        foreach ($boxes as $i => $box) {
            if ($laid && $children[$i]->sizing->absolute) {
                continue;
            }
            [$x, $y] = $stack->scroll->snap === ScrollSnap::Center
                ? [$box->centre()->x - $layer->box->width / 2, $box->centre()->y - $layer->box->height / 2]
                : [$box->x - $stack->padding->left, $box->y - $stack->padding->top];
            $across[] = max(0.0, min($width - $layer->box->width, $x));
            $down[] = max(0.0, min($height - $layer->box->height, $y));
        }

        return new self($layer->box, $stack->scroll, $width, $height, $across, $down);
    }

    /** How far it can be scrolled to the right, px. */
    public function farAcross(): float
    {
        return $this->scroll->axes->isAcross() ? $this->width - $this->box->width : 0.0;
    }

    public function farDown(): float
    {
        return $this->scroll->axes->isDown() ? $this->height - $this->box->height : 0.0;
    }

    /** @return array{width: float, height: float, farX: float, farY: float, snap: string, bounce: bool, momentum: bool, pages: string, stopsX: list<float>, stopsY: list<float>} as a player takes it */
    public function toArray(): array
    {
        return [
            'width' => $this->box->width, 'height' => $this->box->height, 'farX' => round($this->farAcross(), 3), 'farY' => round($this->farDown(), 3),
            'snap' => $this->scroll->snap->value, 'bounce' => $this->scroll->overscroll->value === 'bounce', 'momentum' => $this->scroll->momentum, 'pages' => $this->scroll->pages,
            'stopsX' => array_map(fn (float $at): float => round($at, 3), $this->across), 'stopsY' => array_map(fn (float $at): float => round($at, 3), $this->down),
        ];
    }
}
