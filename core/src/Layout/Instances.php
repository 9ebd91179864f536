<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layout\Size;
use Kindred\Document\Resize;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Thing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;

/**
 * The layers that instances show, laid out: those of the component in the states of each, with what it has for itself, as large as
 * they come out, or as the instance is made. What is laid out once is kept for all that are alike.
 */
final class Instances implements Expander
{
    /** Copies at hand: the rows of a long list are often alike, and picture, layout and facets ask in turn. */
    private const AT_HAND = 300;

    /** How deep components lie in each other while they are laid out; documents with more are refused before. */
    private const DEEPEST = 40;

    /** @var array<string, array{list<object>, Tree}> the latest last, each with the values that it follows from, which are never changed in place */
    private array $known = [];

    private int $depth = 0;

    /** @var array{list<array<string, Thing>>, Themes}|null the house style that was asked for last, with what it tells */
    private ?array $house = null;

    public function __construct(private readonly LaysOut $layout)
    {
    }

    /** The one copy that an instance shows, in its box. */
    public function of(Tree $tree, Layer $layer): array
    {
        return array_filter([$this->copy($tree, $layer, $layer->id)]);
    }

    public function copy(Tree $tree, Layer $layer, string $name): ?LaidCopy
    {
        return $name === $layer->id ? $this->shown($tree, $layer, $layer->box->width, $layer->box->height) : null;
    }

    public function inStack(Tree $tree, Layer $layer): InstanceInStack
    {
        return new InstanceInStack($this, $tree, $layer);
    }

    /**
     * How large an instance comes out by its sizing: what its content takes, or what its box says.
     *
     * @param  float|null  $width  where it is another than its box says, px
     */
    public function size(Tree $tree, Layer $layer, ?float $width = null): ?Box
    {
        $width ??= $layer->widthFrom() === Size::Content ? null : $layer->box->width;
        $height = $layer->heightFrom() === Size::Content ? null : $layer->box->height;
        $area = $this->shown($tree, $layer, $width, $height)?->area;

        // What does not fit into a length that is set goes beyond it: the frame of a group would make another of it each time.
        return $area === null ? null : new Box(0, 0, $layer->widthFrom() === Size::Length && $width !== null ? $width : $area->width, $layer->heightFrom() === Size::Length && $height !== null ? $height : $area->height);
    }

    /** @param  float|null  $width  px; null for as wide as its content, and so for the height */
    private function shown(Tree $tree, Layer $layer, ?float $width, ?float $height): ?LaidCopy
    {
        $content = $layer->content;
        $parts = $content instanceof Instance ? $tree->design($content->component) : [];
        if (! $content instanceof Instance || $parts === [] || $this->depth > self::DEEPEST) {
            return null;
        }
        $this->depth++;
        try {
            $laid = $this->laid($tree, $layer, $content, [$parts[0], ...array_slice($parts, 1)], $width, $height);
        } finally {
            $this->depth--;
        }
        $root = $laid->layer($parts[0]->id);

        return new LaidCopy($layer->id, $laid, $root, new Box(0, 0, $root->box->width, $root->box->height));
    }

    /** @param  non-empty-list<Layer>  $parts  of the component, its root first */
    private function laid(Tree $tree, Layer $layer, Instance $content, array $parts, ?float $width, ?float $height): Tree
    {
        $used = array_diff_key($tree->components([$layer, ...$parts]), [$content->component => true]);
        $from = [$tree->screen($content->component), ...$parts, ...array_merge([], ...array_values($used)), ...array_map(fn (int|string $id): object => $tree->screen((string) $id), array_keys($used))];
        [$house, $tokens] = $this->tokens($tree, $layer);
        array_push($from, ...$tree->project->fonts, ...($house === null ? [] : [$house]));
        $key = implode(' ', array_map(spl_object_id(...), $from)).serialize([$house === null ? '' : Themes::of($tree)->at($layer), $content->states, $content->overrides, $width, $height]);
        $known = $this->known[$key] ?? null;
        if ($known !== null) {
            return $known[1];
        }
        $root = $parts[0]->id;
        $parts[0] = $parts[0]->with(box: new Box(0, 0, $parts[0]->box->width, $parts[0]->box->height), rotation: 0.0);
        $base = $tree->apart($parts, $used, $layer)->withScreens($tree->screen($content->component));
        $filled = Filling::instance($base, $content);
        $bound = $tokens === [] ? [] : array_filter($filled->subtree($root), fn (Layer $part): bool => Bindings::of($part) !== []);
        $filled = $bound === [] ? $filled : $filled->withLayers(...array_map(fn (Layer $part): Layer => Bindings::resolved($part, $tokens), array_values($bound)));
        $laid = $this->cornered($this->layout->after($base, $filled), $root);
        $laid = $this->sized($laid, $root, $width, $height);
        $this->known[$key] = [$from, $laid];
        if (count($this->known) > self::AT_HAND) {
            $this->known = array_slice($this->known, intdiv(self::AT_HAND, 4), null, true);
        }

        return $laid;
    }

    /**
     * What tokens say where an instance lies, which may be in another theme than its component.
     *
     * @return array{Themes|null, array<string, Token>}
     */
    private function tokens(Tree $tree, Layer $layer): array
    {
        $house = array_map($tree->things(...), Themes::HOUSE);
        if ($house[0] === []) {
            return [null, []];
        }
        if ($this->house === null || $this->house[0] !== $house) {
            $this->house = [$house, Themes::of($tree)];
        }

        return [$this->house[1], $this->house[1]->tokens(Themes::of($tree)->at($layer))];
    }

    /** As wide and high as the instance is made; what follows from its content is laid out at that width. */
    private function sized(Tree $laid, string $root, ?float $width, ?float $height): Tree
    {
        $layer = $laid->layer($root);
        $box = $layer->box->sized($width ?? $layer->box->width, $layer->box->height);
        if (abs($box->width - $layer->box->width) > 0.0005) {
            $laid = $this->cornered($this->layout->after($laid, Resize::to($laid, $layer, $box)), $root);
            $layer = $laid->layer($root);
        }
        if ($height !== null && abs($height - $layer->box->height) > 0.0005) {
            $laid = $this->cornered($this->layout->after($laid, Resize::to($laid, $layer, $layer->box->sized($layer->box->width, $height))), $root);
        }

        return $laid;
    }

    /** What is laid out may have grown to the left: its corner is that of the instance. */
    private function cornered(Tree $laid, string $root): Tree
    {
        $layer = $laid->layer($root);

        return $layer->box->x === 0.0 && $layer->box->y === 0.0 ? $laid : $laid->withLayers($layer->with(box: new Box(0, 0, $layer->box->width, $layer->box->height)));
    }
}
