<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\LayerNest;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Isolation;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** Makes layers of what instances show; those of other components in them stay instances. */
final readonly class ReleaseInstances implements Command
{
    use FromLayers;
    use OnInstances;

    public static function type(): string
    {
        return 'release-instances';
    }

    public function apply(Tree $tree): Tree
    {
        $ids = Id::in($tree, $this->seed);
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $tree = self::released($tree, $layer, $ids);
        }

        return $tree;
    }

    /** @throws InvalidInput where the component is not there */
    public static function released(Tree $tree, Layer $layer, Id $ids): Tree
    {
        $instance = self::instance($layer);
        $design = $tree->design($instance->component);
        if ($design === []) {
            throw new InvalidInput('layers', "The component of “{$layer->name}” is not there, so there is nothing to release.");
        }
        $filled = Filling::instance($tree, $instance);
        $made = LayerNest::of($filled, $filled->layer($design[0]->id))->layers(Place::of($layer), $layer->rank, $ids);
        $root = $made[0];
        $box = $layer->box->sized($root->box->width, $root->box->height);
        $own = fn (?Size $size, ?Size $was): ?Size => $size === Size::Stretch ? $size : ($size === Size::Length ? Size::Length : $was);
        $sizing = $root->sizing->with(width: $own($layer->sizing->width, $root->sizing->width), height: $own($layer->sizing->height, $root->sizing->height), alignSelf: $layer->sizing->alignSelf, absolute: $layer->sizing->absolute);
        $root = $root->with(id: $layer->id, name: $layer->name, box: $box, rotation: fmod($layer->rotation + $root->rotation, 360), pins: $layer->pins, hidden: $layer->hidden || $root->hidden, sizing: $sizing, opacity: $layer->opacity * $root->opacity,
            cues: [...$layer->cues, ...$root->cues], effects: [...$root->effects, ...$layer->effects], masks: [...$root->masks, ...$layer->masks], lineage: $layer->lineage,
            blend: $layer->blend === BlendMode::Normal ? $root->blend : $layer->blend, isolation: $layer->isolation === Isolation::Auto ? $root->isolation : $layer->isolation);
        // It is the same layer to all that names it.
        $tree = $tree->withLayers($root, ...array_map(fn (Layer $one): Layer => $one->parent === $made[0]->id ? $one->with(parent: $root->id) : $one, array_slice($made, 1)));

        return abs($box->width - $layer->box->width) < 0.001 && abs($box->height - $layer->box->height) < 0.001 ? $tree : Resize::into($tree, $root, $layer->box);
    }

    public function label(Tree $before): string
    {
        return 'Release '.$this->naming($before, $this->layers).' into layers';
    }
}
