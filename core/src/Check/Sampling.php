<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxShaped;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;

/**
 * What colours are painted at places of a screen, worked out from fills and gradients (Compositing and Blending 1, section 5.1: source-over, groups
 * that are seen through as wholes). Words, icons and lines are thin: as what lies behind something they count as nothing.
 */
final class Sampling
{
    /** Where so many lie in one layer, those near a place are looked for by bands. */
    private const MANY = 16;

    /** @var \WeakMap<Placed, Box> all that something and what lies in it may paint */
    private \WeakMap $reach;

    private ?Near $roots = null;

    /** @var \WeakMap<Placed, Near> what lies right in a layer */
    private \WeakMap $within;

    public function __construct(private readonly Scene $scene)
    {
        $this->reach = new \WeakMap;
        $this->within = new \WeakMap;
    }

    /**
     * What is seen at points behind something, and with it painted there in a colour.
     *
     * @param  list<Point>  $points  on the screen
     * @return list<array{Colour, Colour}>|null opaque: the ground, and the colour upon it, where nothing lies over it, once where it is the same at all points; null where it cannot be worked out
     */
    public function of(Placed $one, Colour $colour, array $points): ?array
    {
        if ($points === []) {
            return [];
        }
        $area = Box::of($points);
        $near = [];
        $isEven = true;
        foreach ($this->inside(null, $area) as $root) {
            $isEvenIn = $this->isEven($root, $area, $one);
            $isEven = $isEven && $isEvenIn;
            // What paints all of the area alike is worked out once.
            $painted = $isEvenIn && $root !== $one && ! $one->isIn($root) ? $this->paint($root, $points[0], $one, null) : $root;
            if ($painted === false) {
                return null;
            }
            if ($painted !== null) {
                $near[] = $painted;
            }
        }
        $pairs = [];
        foreach ($isEven ? [$points[0]] : $points as $point) {
            $ground = $this->at($near, $point, $one, null);
            $seen = $ground === null ? null : $this->at($near, $point, $one, $colour);
            if ($ground === null || $seen === null) {
                return null;
            }
            // Where no colour shows, something lies over it.
            if (! $ground->equals($seen) || ! $ground->equals($this->at($near, $point, $one, self::other($colour)))) {
                $pairs[] = [$ground, $seen];
            }
        }

        return $pairs;
    }

    /** What is seen at a point without something; null where it cannot be worked out. */
    public function ground(Point $point, Placed $without): ?Colour
    {
        return $this->at($this->roots()->at($point), $point, $without, null);
    }

    /** Whether what is known of a layer, and of all in it, paints an area alike at all of its points; false where that would have to be worked out. */
    private function isEven(Placed $layer, Box $area, Placed $one): bool
    {
        $reach = $this->reach($layer);
        if (! $reach->meets($area)) {
            return true;
        }
        if ($layer === $one) {
            return $reach->contains($area);
        }
        if (! $this->isEvenIn($layer, $area)) {
            return false;
        }
        foreach ($this->inside($layer, $area) as $child) {
            if (! $this->isEven($child, $area, $one)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Placed> what lies right in a layer, or right on the screen (null), and may paint in an area, in painting order */
    public function inside(?Placed $layer, Box $area): array
    {
        if ($layer === null) {
            return $this->roots()->meeting($area);
        }
        if (count($layer->children) < self::MANY) {
            return $layer->children;
        }

        return ($this->within[$layer] ??= new Near($layer->children, $this->reach(...)))->meeting($area);
    }

    private function isEvenIn(Placed $placed, Box $area): bool
    {
        if (! self::isPlain($placed)) {
            return false;
        }
        $fills = $this->fills($placed);
        if ($fills === [] || ! $placed->bounds->meets($area)) {
            return true;
        }
        foreach ($fills ?? [] as $fill) {
            if (! $fill->paint instanceof Solid) {
                return false;
            }
        }

        return $fills !== null && $placed->angle === 0.0 && self::isUpright($placed->layer) && $placed->bounds->contains($area);
    }

    private static function other(Colour $colour): Colour
    {
        return Colour::rgb(255 - $colour->red, 255 - $colour->green, ($colour->blue + 128) % 256, 1.0);
    }

    /**
     * What is seen at a point, with something left out or painted there in a colour.
     *
     * @param  list<Placed|Colour>  $near  what may paint there, in painting order; a colour for what is known to paint it there
     */
    private function at(array $near, Point $point, Placed $one, ?Colour $colour): ?Colour
    {
        $below = $this->scene->screen->ground->withAlpha(1);
        foreach ($near as $root) {
            $painted = $root instanceof Colour ? $root : $this->paint($root, $point, $one, $colour);
            if ($painted === false) {
                return null;
            }
            $below = $painted === null ? $below : $painted->over($below);
        }

        return $below;
    }

    /** @return Colour|false|null what a layer and all in it paints at a point; null for nothing, false where it cannot be worked out */
    private function paint(Placed $layer, Point $point, Placed $one, ?Colour $colour): Colour|false|null
    {
        if (! $this->reach($layer)->holds($point)) {
            return null;
        }
        if ($layer === $one) {
            return $colour === null ? null : $colour->withAlpha($colour->alpha * $layer->layer->opacity);
        }
        $own = $this->own($layer, $point);
        if ($own === false || ! self::isPlain($layer)) {
            return false;
        }
        $painted = $own;
        foreach ($this->inside($layer, new Box($point->x, $point->y, 0, 0)) as $child) {
            $upon = $this->paint($child, $point, $one, $colour);
            if ($upon === false) {
                return false;
            }
            $painted = $upon === null ? $painted : ($painted === null ? $upon : self::mixed($upon, $painted));
        }

        return $painted === null || $layer->layer->opacity >= 1 ? $painted : $painted->withAlpha($painted->alpha * $layer->layer->opacity);
    }

    private function own(Placed $placed, Point $point): Colour|false|null
    {
        $layer = $placed->layer;
        $fills = $this->fills($placed);
        if ($fills === []) {
            return null;
        }
        $at = $placed->inward($point);
        $isRound = $layer->content instanceof Ellipse && $layer->content->isWhole();
        if (! self::isWithin($layer->box, $isRound, $at)) {
            return null;
        }
        if ($fills === null || ! ($isRound || self::isUpright($layer))) {
            return false;
        }
        $painted = null;
        foreach (array_reverse($fills) as $fill) {
            $colour = match (true) {
                $fill->blend !== BlendMode::Normal => false,
                $fill->paint instanceof Solid => $fill->paint->colour,
                $fill->paint instanceof Gradient => $fill->paint->colourAt($at, $layer->box->width, $layer->box->height),
                default => false,
            };
            if ($colour === false) {
                return false;
            }
            $colour = $fill->opacity >= 1 ? $colour : $colour->withAlpha($colour->alpha * $fill->opacity);
            $painted = $painted === null ? $colour : self::mixed($colour, $painted);
        }

        return $painted;
    }

    /** @return list<Fill>|null what it is filled with itself, the uppermost first; null for a picture */
    private function fills(Placed $placed): ?array
    {
        $content = $placed->layer->content;
        if ($content instanceof Group || $content instanceof Instance || $content instanceof Composed || self::isThin($placed->layer)) {
            return [];
        }
        $fills = Fill::seen($placed->layer->fills);

        return $content instanceof Picture && $fills === [] ? null : $fills;
    }

    /** Whether its fills take up all of its box; corners, which may be round, count as filled. */
    private static function isUpright(Layer $layer): bool
    {
        return $layer->content instanceof BoxShaped;
    }

    /** Whether it counts as nothing as what lies behind something: words, icons and lines. */
    public static function isThin(Layer $layer): bool
    {
        return $layer->content instanceof Text || $layer->content instanceof Icon || $layer->content instanceof LineLayer;
    }

    /** Whether it is painted as it is, without what has to be drawn to be seen. */
    private static function isPlain(Placed $placed): bool
    {
        $layer = $placed->layer;
        foreach ($layer->effects as $effect) {
            if (! $effect->hidden && ! $effect->effect instanceof Shadow) {
                return false;
            }
        }

        return $layer->masks === [] && $layer->blend === BlendMode::Normal;
    }

    /** Whether a point, in a layer's own coordinates, lies in its box, or in its ellipse. */
    private static function isWithin(Box $box, bool $isRound, Point $at): bool
    {
        if ($isRound && $box->width > 0 && $box->height > 0) {
            return hypot(($at->x - $box->width / 2) / ($box->width / 2), ($at->y - $box->height / 2) / ($box->height / 2)) <= 1;
        }

        return $at->x >= 0 && $at->x <= $box->width && $at->y >= 0 && $at->y <= $box->height;
    }

    private function reach(Placed $placed): Box
    {
        return $this->reach[$placed] ??= Box::around($placed->bounds, $placed->ink(), ...array_map($this->reach(...), $placed->children)) ?? $placed->bounds;
    }

    private function roots(): Near
    {
        return $this->roots ??= new Near($this->scene->roots, $this->reach(...));
    }

    /** One colour upon another that may be seen through itself. */
    private static function mixed(Colour $upon, Colour $below): Colour
    {
        $alpha = $upon->alpha + $below->alpha * (1 - $upon->alpha);
        if ($alpha <= 0) {
            return $upon;
        }
        $channel = fn (int $front, int $back): int => (int) round(($front * $upon->alpha + $back * $below->alpha * (1 - $upon->alpha)) / $alpha);

        return Colour::rgb($channel($upon->red, $below->red), $channel($upon->green, $below->green), $channel($upon->blue, $below->blue), $alpha);
    }
}
