<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\LaidText;

/** A layer as it is shown on a screen: where it comes to lie, in px from the screen's corner, and in what. */
final class Placed
{
    /** @var list<self> in painting order */
    public array $children = [];

    /** The upright box that it takes up. */
    public readonly Box $bounds;

    private ?Box $ink = null;

    /**
     * @param  Point  $centre  the middle of its box
     * @param  float  $angle  degrees, with the turns of all around it
     * @param  int  $order  in which it is painted
     * @param  bool  $isPart  whether it is drawn for a widget or a chart, and is no layer of the document
     * @param  LaidText|null  $laid  its words, in its own coordinates
     */
    public function __construct(
        public readonly Layer $layer,
        public readonly Address $address,
        public readonly ?self $parent,
        public readonly Point $centre,
        public readonly float $angle,
        public readonly int $order,
        public readonly bool $isPart = false,
        public readonly ?LaidText $laid = null,
    ) {
        $box = $layer->box;
        $this->bounds = (new Box($centre->x - $box->width / 2, $centre->y - $box->height / 2, $box->width, $box->height))->turned($angle);
    }

    /** A point of the screen in its own coordinates: its corner is 0, 0. */
    public function inward(Point $point): Point
    {
        $box = $this->layer->box;
        $at = new Point($point->x - $this->centre->x, $point->y - $this->centre->y);
        $at = $this->angle === 0.0 ? $at : $at->turned(-$this->angle);

        return new Point($at->x + $box->width / 2, $at->y + $box->height / 2);
    }

    /** A point in its own coordinates as one of the screen. */
    public function outward(Point $point): Point
    {
        $box = $this->layer->box;
        $at = new Point($point->x - $box->width / 2, $point->y - $box->height / 2);
        $at = $this->angle === 0.0 ? $at : $at->turned($this->angle);

        return new Point($at->x + $this->centre->x, $at->y + $this->centre->y);
    }

    /** Where something of it is painted: of words their lines, from the height of capitals to the depth of descenders. */
    public function ink(): Box
    {
        return $this->ink ??= $this->laid === null || $this->angle !== 0.0 ? $this->bounds : Box::around(...$this->lines()) ?? $this->bounds;
    }

    /** @return list<Box> on the screen, one a line that has words, turned as upright */
    public function lines(): array
    {
        $corner = new Point($this->centre->x - $this->layer->box->width / 2, $this->centre->y - $this->layer->box->height / 2);
        $size = $this->layer->content instanceof Text ? $this->layer->content->style->size : 0.0;
        $boxes = [];
        foreach ($this->laid->lines ?? [] as $line) {
            if (trim($line->text) !== '') {
                $boxes[] = new Box($corner->x + $line->x, $corner->y + $line->baseline - 0.72 * $size, $line->width, 0.95 * $size);
            }
        }

        return $boxes;
    }

    /** Whether a tap on it does something, by a cue of its own. */
    public function isTapped(): bool
    {
        foreach ($this->layer->cues as $cue) {
            if ($cue->trigger::isPressed()) {
                return true;
            }
        }

        return false;
    }

    /** Whether something that it lies in can be tapped: it is a part of that target. */
    public function isInTarget(): bool
    {
        for ($around = $this->parent; $around !== null; $around = $around->parent) {
            if ($around->isTapped()) {
                return true;
            }
        }

        return false;
    }

    /** The outermost of what it lies in; itself where it lies right on the screen. */
    public function root(): self
    {
        return $this->parent?->root() ?? $this;
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

    /** Whether it reaches beyond the window of a container that is scrolled: it is there for whoever scrolls. */
    public function isAway(): bool
    {
        for ($around = $this->parent; $around !== null; $around = $around->parent) {
            if ($around->layer->scrolls() && ! $around->bounds->contains($this->bounds, 0.5)) {
                return true;
            }
        }

        return false;
    }

    /** Whether some of it lies in the windows of all containers around it that are scrolled. */
    public function isPartlySeen(): bool
    {
        for ($around = $this->parent; $around !== null; $around = $around->parent) {
            if ($around->layer->scrolls() && ! $around->bounds->overlaps($this->bounds)) {
                return false;
            }
        }

        return true;
    }

    /** Whether the layer that it lies in gives it its place. */
    public function isLaidOut(): bool
    {
        return $this->parent !== null && ($this->parent->layer->lays($this->layer) || $this->isPart);
    }

    /** @return list<self> itself and all in it that is a layer of the document, in painting order */
    public function all(): array
    {
        return [$this, ...array_merge([], ...array_map(fn (self $child): array => $child->isPart ? [] : $child->all(), $this->children))];
    }

    /** @return list<self> itself and all that is drawn in it, parts of widgets too */
    public function drawn(): array
    {
        return [$this, ...array_merge([], ...array_map(fn (self $child): array => $child->drawn(), $this->children))];
    }

    public function called(): string
    {
        return "“{$this->layer->name}”";
    }
}
