<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\Slot;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\PinInference;
use Kindred\Paint\Colour;

/**
 * Makes a component of layers of one place: they go to a sheet of their own, below all that hangs on the wall, and an instance
 * takes their place. It is the same layer to all that names it, and does what that did. Their words, pictures and icons become slots,
 * the first ones of them.
 */
final readonly class MakeComponent implements Command
{
    use OnLayers;

    /** Around the component on its sheet, px. */
    public const MARGIN = 40.0;

    /** Between sheets, and below the screens, px. */
    public const GAP = 80.0;

    /** Slots that are made at once. */
    private const SLOTS = 12;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $seed, private ?string $name)
    {
    }

    public static function type(): string
    {
        return 'make-component';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('seed', 64, false), $in->has('name') ? $in->name('name') : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers, reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $top = $this->together($layers);
        foreach ($layers as $layer) {
            self::refuseParts($tree, $layer);
        }
        $box = count($layers) === 1 ? $top->box : Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers)) ?? $top->box;
        $ids = Id::in($tree, $this->seed);
        [$sheet, $instance, $inside] = [$ids->next(), $ids->next(), $ids->next()];
        // What is called by its kind has no name of its own.
        $called = count($layers) === 1 && $top->name !== ucfirst($top->kind()) ? $top->name : 'Component';
        $name = DuplicateScreen::free($this->name ?? $called, array_map(fn (Screen $one): string => $one->name, $tree->sheets()));
        $at = new Box(self::MARGIN, self::MARGIN, $box->width, $box->height);
        if (count($layers) === 1) {
            $instance = $top->id;
            $root = $top->with(id: $inside, screen: $sheet, parent: null, rank: 'm', box: $at, rotation: 0.0, pins: null, masking: false, hidden: false, sizing: self::free($top), cues: [], lineage: null);
            $tree = self::moved($tree, $tree->withLayers($root), $top, $root);
        } else {
            $root = new Layer($inside, $sheet, null, 'm', $name, $at, new Group);
            $tree = $tree->withLayers($root);
            foreach (Rank::spread(null, null, count($layers)) as $i => $rank) {
                $part = $layers[$i]->with(screen: $sheet, parent: $inside, rank: $rank, box: $layers[$i]->box->movedBy(-$box->x, -$box->y), masking: false);
                $tree = self::moved($tree, $tree->withLayers($part), $part, $part);
            }
        }
        $tree = $root->isGroup() ? $tree->withLayers(...PinInference::pinned($root->box, $tree->children(new Place($sheet, $root->id)))) : $tree;
        $hung = $tree->hung();
        // On its sheet it lies on what it lay on: in a theme, too, it is seen as where it is used.
        $home = $tree->screens[$this->screen ?? ''] ?? null;
        $ground = $home === null ? null : Bindings::of($home)['ground'] ?? null;
        $made = new Screen(
            $sheet, Rank::between(($tree->screensInOrder()[count($tree->screens) - 1] ?? null)?->rank, null), $name, 'custom',
            self::place($hung, $box), $box->height + 2 * self::MARGIN, $home->ground ?? Colour::parse('#ffffff'), finish: null,
            component: new Component($root->id),
        );
        $tree = $tree->withScreens($ground === null ? $made : Bindings::bind($made, 'ground', $ground));
        $tree = $tree->withScreens($tree->screen($sheet)->with(component: new Component($root->id, slots: $this->slots($tree, $root, $ids))));
        $kept = count($layers) === 1 ? $top : null;
        $use = new Layer($instance, $this->screen, $top->parent, $top->rank, $name, $box, new Instance($sheet),
            rotation: $kept->rotation ?? 0.0, hidden: $kept->hidden ?? false, cues: $kept->cues ?? [], lineage: $kept?->lineage, sizing: $kept === null ? new Sizing : self::laid($kept), pins: $kept?->pins);

        return self::fedThrough($tree->withLayers($use), $use, $sheet);
    }

    public function label(Tree $before): string
    {
        return "Make a component of {$this->naming($before, $this->layers)}";
    }

    /** @throws InvalidInput where a compound paints the layer, or it masks others */
    public static function refuseParts(Tree $tree, Layer $layer): void
    {
        if ($tree->compounds($layer) !== []) {
            throw new InvalidInput('layers', "“{$layer->name}” is a part of a compound, which paints it; make a component of the whole.");
        }
        if ($layer->masks()) {
            throw new InvalidInput('layers', "“{$layer->name}” masks what lies with it, which an instance cannot; make a component of the whole group.");
        }
    }

    /** What lies in a layer goes into another one with it, or to its screen. */
    private static function moved(Tree $before, Tree $tree, Layer $from, Layer $to): Tree
    {
        $inside = array_slice($before->subtree($from->id), 1);

        return $inside === [] ? $tree : $tree->withLayers(...array_map(fn (Layer $layer): Layer => $layer->with(screen: $to->screen, parent: $layer->parent === $from->id ? $to->id : $layer->parent), $inside));
    }

    /** What sizes it alone: nothing stretches it any more. */
    private static function free(Layer $layer): Sizing
    {
        $set = fn (?Size $size): ?Size => $size === Size::Stretch ? Size::Length : $size;

        return $layer->sizing->with(width: $set($layer->sizing->width), height: $set($layer->sizing->height), alignSelf: null, absolute: false);
    }

    /** An instance takes part in what is around as the layer did; where that was given a length, it comes out as long by itself. */
    public static function laid(Layer $layer): Sizing
    {
        $own = fn (?Size $size): ?Size => $size === Size::Stretch ? $size : null;

        return new Sizing(width: $own($layer->sizing->width), height: $own($layer->sizing->height), alignSelf: $layer->sizing->alignSelf, absolute: $layer->sizing->absolute);
    }

    /**
     * Beside the other sheets, below all that hangs on the wall.
     *
     * @param  list<Screen>  $hung
     */
    public static function place(array $hung, Box $box): Box
    {
        $sheets = array_filter($hung, fn (Screen $one): bool => $one->component !== null);
        $screens = array_filter($hung, fn (Screen $one): bool => $one->component === null);
        $left = $screens === [] ? 0.0 : min(array_map(fn (Screen $one): float => $one->box->x, $screens));
        $last = end($sheets);
        $top = $last !== false ? $last->box->y : ($screens === [] ? 0.0 : max(array_map(fn (Screen $one): float => $one->box->bottom(), $screens)) + 2 * self::GAP);
        $side = fn (float $length): float => max(Screen::MIN_SIDE, min(Screen::MAX_SIDE, $length + 2 * self::MARGIN));

        return new Box($last === false ? $left : $last->box->right() + self::GAP, $top, $side($box->width), $side($box->height));
    }

    /** @return list<Slot> what copies of such a thing usually have of their own */
    private function slots(Tree $tree, Layer $root, Id $ids): array
    {
        $slots = $names = [];
        foreach ($tree->subtree($root->id) as $part) {
            $path = $tree->expanding($part) === [] ? Slot::usual($part) : null;
            if ($path !== null && count($slots) < self::SLOTS) {
                $names[] = $name = DuplicateScreen::free($part->name, $names);
                $slots[] = new Slot($ids->next(), $name, $part->id, $path);
            }
        }

        return $slots;
    }

    /** Columns of arrays around fed layers that are those of the component now: they feed them in its instance. */
    private static function fedThrough(Tree $tree, Layer $instance, string $sheet): Tree
    {
        $within = [];
        foreach ($tree->design($sheet) as $one) {
            $within[$one->id] = (string) (new Address($one->id))->inside($instance->id);
        }
        // What was said of the layer itself is so of what its instance shows.
        $within[$instance->id] = (string) (new Address($tree->component($sheet)->root ?? ''))->inside($instance->id);
        foreach ($tree->expanding($instance) as $around) {
            $tree = $around->content instanceof Expanding ? $tree->withLayers($around->with(content: $around->content->renamed($within))) : $tree;
        }

        return $tree;
    }
}
