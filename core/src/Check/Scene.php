<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Kit\Kit;

/** A screen as rules look at it: all that is seen on it where it comes to lie, in arrays and instances too. */
final class Scene
{
    /** Layers that are looked at; what comes after them is not checked. */
    public const MAX = 20_000;

    public readonly Device $device;

    /** @var list<Placed> right on the screen, in painting order */
    public array $roots = [];

    /** @var list<Placed> all layers that are seen, each before those in it, in painting order */
    public array $seen = [];

    /** @var list<Placed> what is seen only once the container around it is scrolled */
    public array $away = [];

    /** @var list<Placed> hidden layers of the screen itself; what lies in them is not named */
    public array $hidden = [];

    private int $order = 0;

    /** @var array<string, Token>|null */
    private ?array $tokens = null;

    /** @var list<list<Placed>>|null */
    private ?array $families = null;

    /** @var list<non-empty-list<Placed>>|null */
    private ?array $free = null;

    private ?Sampling $sampling = null;

    /** @var array<string, true>|null */
    private ?array $inks = null;

    /** @var array<string, Placed>|null by their addresses */
    private ?array $places = null;

    /** @var list<Target>|null */
    private ?array $targets = null;

    public function __construct(public readonly Tree $tree, public readonly Screen $screen, public readonly Eyes $eyes)
    {
        $this->device = Catalogue::for($screen->device, $screen->box->width, $screen->view);
        foreach ($tree->children(new Place($screen->id)) as $layer) {
            $this->add($tree, $layer, new Address(''), null, new Point(0, 0), 0.0);
        }
    }

    /** Lets go of everything: what lies in something knows what it lies in, so none of it would be given back by itself. */
    public function close(): void
    {
        foreach ([...$this->seen, ...$this->away, ...$this->hidden] as $one) {
            $one->children = [];
        }
        $this->roots = $this->seen = $this->away = $this->hidden = [];
        $this->sampling = $this->families = $this->free = $this->places = $this->targets = null;
    }

    /** What colours are painted where. */
    public function sampling(): Sampling
    {
        return $this->sampling ??= new Sampling($this);
    }

    /** @return list<Target> what can be tapped or pressed, in painting order */
    public function targets(): array
    {
        return $this->targets ??= Target::of($this);
    }

    /** @return array<string, Token> by id, with the values that they have on this screen */
    public function tokens(): array
    {
        return $this->tokens ??= Themes::of($this->tree)->tokensOf($this->screen);
    }

    /** @return array<string, true> the tokens that words and icons of the screen follow in their colour, by id */
    public function inks(): array
    {
        if ($this->inks === null) {
            $this->inks = [];
            foreach ($this->seen as $one) {
                foreach ($one->layer->content instanceof Text || $one->layer->content instanceof Icon ? $one->layer->fills : [] as $fill) {
                    $this->inks += array_fill_keys(array_values($fill->bound), true);
                }
            }
        }

        return $this->inks;
    }

    /** @return list<list<Placed>> layers that lie right in the same, in painting order; those in a copy are together */
    public function families(): array
    {
        return $this->families ??= $this->grouped();
    }

    /**
     * Those of the families whose places somebody has chosen: free of any layout, upright, and on the screen itself.
     *
     * @return list<non-empty-list<Placed>> of 2 or more
     */
    public function free(): array
    {
        return $this->free ??= Families::free($this->families());
    }

    /** @return list<list<Placed>> */
    private function grouped(): array
    {
        $families = [$this->roots];
        foreach ($this->seen as $one) {
            $own = array_values(array_filter($one->children, fn (Placed $child): bool => ! $child->isPart));
            if ($own !== []) {
                $families[] = $own;
            }
        }

        return $families;
    }

    /**
     * Layers as commands name them: by their addresses, and the screen or sheet on which they are kept.
     *
     * @return array{screen: string|null, layers: list<string>}
     */
    public function named(Placed $first, Placed ...$others): array
    {
        return ['screen' => ($this->tree->layers[$first->address->layer] ?? null)->screen ?? null, 'layers' => array_map(fn (Placed $one): string => (string) $one->address, [$first, ...array_values($others)])];
    }

    /**
     * A layer as a command names it that sets a property: in a copy alone where that has the property for itself.
     *
     * @return array{screen: string|null, layers: list<string>, apart?: true}
     */
    public function setting(Placed $one, string $field): array
    {
        return $this->named($one) + ($this->isApart($one->address, $field) ? ['apart' => true] : []);
    }

    /** Whether the outermost of the copies in which a layer lies has a property of it for itself. */
    public function isApart(Address $address, string $field): bool
    {
        $around = $this->tree->showing($address)[0] ?? null;

        return $around?->content instanceof Expanding
            && array_filter($around->content->overridden($address->copies[0], $address->within()), fn (string $path): bool => Bindings::governs($path, $field)) !== [];
    }

    /** Whether a property of a layer can follow a token where it is; what a cell has for itself cannot. */
    public function canFollow(Address $address, string $field): bool
    {
        $around = ($this->tree->showing($address)[0] ?? null)?->content;

        return ! $this->isApart($address, $field) || ! $around instanceof Expanding || $around::followsTokens();
    }

    /** A layer at its address, as far as it is seen. */
    public function at(Address $address): ?Placed
    {
        if ($this->places === null) {
            $this->places = [];
            foreach ($this->seen as $one) {
                $this->places[(string) $one->address] ??= $one;
            }
        }

        return $this->places[(string) $address] ?? null;
    }

    /** Whether a layer stands on the screen itself, and not in a copy of an array or an instance. */
    public static function isOwn(Placed $placed): bool
    {
        return $placed->address->copies === [];
    }

    public function kit(): Kit
    {
        return $this->eyes->kit->wearing($this->tree->look($this->screen->id));
    }

    /**
     * @param  Point  $corner  where the corner of what it lies in comes to lie
     * @param  Tree  $tree  that of the screen, or of a copy
     */
    private function add(Tree $tree, Layer $layer, Address $around, ?Placed $parent, Point $corner, float $angle): void
    {
        if ($this->order >= self::MAX) {
            return;
        }
        $address = $around->with($layer->id);
        $centre = $corner->plus($layer->box->centre()->turned($angle));
        $content = $layer->content;
        $laid = $content instanceof Text ? $content->laid($this->eyes->typesetter, $layer->box) : null;
        $placed = new Placed($layer->inked(), $address, $parent, $centre, $angle + $layer->rotation, $this->order++, laid: $laid);
        if ($layer->hidden || $layer->opacity === 0.0) {
            if ($around->copies === []) {
                $this->hidden[] = $placed;
            }

            return;
        }
        if ($layer->masks()) {
            // It is not painted, and what it masks is seen only in part.
            return;
        }
        if ($placed->isAway() && ! $placed->isPartlySeen()) {
            $this->away[] = $placed;
        } else {
            $this->seen[] = $placed;
        }
        if ($parent === null) {
            $this->roots[] = $placed;
        } else {
            $parent->children[] = $placed;
        }
        if (! $content instanceof Composed && ! $content instanceof Expanding && ! $layer->isContainer()) {
            return;
        }
        $inner = $placed->outward(new Point(0, 0));
        if ($content instanceof Composed) {
            foreach ($this->kit()->parts($layer) as $part) {
                if (! $part->hidden) {
                    $words = $part->content instanceof Text ? $part->content->laid($this->eyes->typesetter, $part->box) : null;
                    $placed->children[] = new Placed($part->inked(), $address, $placed, $inner->plus($part->box->centre()->turned($placed->angle)), $placed->angle + $part->rotation, $this->order++, true, $words);
                }
            }
        }
        if ($content instanceof Expanding) {
            foreach ($this->eyes->expansion->of($tree, $layer) as $copy) {
                $at = $inner->plus((new Point($copy->area->x, $copy->area->y))->turned($placed->angle));
                $this->add($copy->tree, $copy->tree->layer($copy->root->id), $around->inside($copy->name), $placed, $at, $placed->angle);
            }
        } elseif ($layer->isContainer()) {
            foreach ($tree->children(new Place($layer->screen, $layer->id)) as $child) {
                $this->add($tree, $child, $around, $placed, $inner, $placed->angle);
            }
        }
    }
}
