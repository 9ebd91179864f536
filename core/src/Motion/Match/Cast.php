<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Address;
use Kindred\Document\Component\Turning;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Group;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Isolation;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Layout\Expansion;
use Kindred\Layout\LaidCopy;

/** All that a match finds on a screen, or in what an instance shows, in painting order, each layer before those in it. */
final class Cast
{
    /** Layers of one screen that move by themselves; what comes after them is left where it is. */
    public const MAX = 2_000;

    /** @var list<Actor> */
    public array $actors = [];

    /** @var array<string, true> */
    private readonly array $turning;

    /**
     * @param  bool  $through  whether what stays together is looked into, too
     * @param  bool  $apart  whether what is drawn by hand comes apart, too
     */
    private function __construct(public readonly Tree $tree, public readonly Screen $screen, private readonly Expansion $expansion, private readonly bool $through = false, private readonly bool $apart = false)
    {
        $this->turning = Turning::axes($tree);
    }

    /** @param  bool  $through  whether what stays together is looked into, too */
    public static function on(Tree $tree, Screen $screen, Expansion $expansion, bool $through = false): self
    {
        $cast = new self($tree, $screen, $expansion, $through);
        foreach ($tree->children(new Place($screen->id)) as $layer) {
            $cast->add($tree, $layer, new Address(''), null, new Point(0, 0), 0.0);
        }

        return $cast;
    }

    /** What an instance shows on a screen: its places are px from the corner of the instance, and its addresses as they are called within it. */
    public static function within(Tree $tree, Screen $screen, LaidCopy $copy, Expansion $expansion): self
    {
        $cast = new self($tree, $screen, $expansion, apart: true);
        $cast->add($copy->tree, $copy->root, new Address(''), null, new Point(0, 0), 0.0);

        return $cast;
    }

    /** @return array<string, Actor> by their addresses */
    public function byAddress(): array
    {
        return array_column(array_map(fn (Actor $one): array => [$one->address, $one], $this->actors), 1, 0);
    }

    private function add(Tree $tree, Layer $layer, Address $place, ?Actor $parent, Point $corner, float $angle): void
    {
        if ($layer->hidden || $layer->masks() || count($this->actors) >= self::MAX) {
            return;
        }
        $box = $layer->box;
        $centre = $corner->plus((new Point($box->x + $box->width / 2, $box->y + $box->height / 2))->turned($angle));
        $actor = new Actor($layer, (string) $place->with($layer->id), $parent, $centre, $angle + $layer->rotation, count($this->actors), $this->isWhole($tree, $layer));
        $this->actors[] = $actor;
        if ($actor->whole && ! $this->through) {
            return;
        }
        if ($layer->content instanceof Expanding) {
            foreach ($this->expansion->of($tree, $layer) as $copy) {
                $this->add($copy->tree, $copy->root, $place->inside($copy->name), $actor, $actor->corner(), $actor->angle);
            }
        } elseif ($layer->isContainer()) {
            foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
                $this->add($tree, $child, $place, $actor, $actor->corner(), $actor->angle);
            }
        }
    }

    /** What is put together before it is seen through, blurred or cut, or what shows one of several states, stays together. */
    private function isWhole(Tree $tree, Layer $layer): bool
    {
        if (! $layer->isContainer() && ! $layer->content instanceof Expanding) {
            return false;
        }
        $component = $tree->component($layer->component());

        return $layer->content instanceof Compound
            || $layer->opacity < 1 || $layer->masks !== [] || $layer->blend !== BlendMode::Normal || $layer->isolation !== Isolation::Auto
            || ($layer->effects !== [] && $layer->content instanceof Group)
            || (! $this->apart && $tree->finish($this->screen->id) === Finish::Rough)
            || array_filter($tree->masking($layer), fn (Layer $one): bool => $one->masks()) !== []
            || ($component !== null && Turning::variants($component, $layer, $this->turning) !== []);
    }
}
