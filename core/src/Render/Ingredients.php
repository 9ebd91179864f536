<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Address;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Layout\Expansion;
use Kindred\Paint\Colour;

/**
 * What makes up the colour that is seen at a point: every fill, stroke, shadow, picture and ground from front to back, drawn alone, and
 * what masks, blurs or otherwise changes them. Each lets through what it does not cover (Porter and Duff 1984, "over"), which gives the
 * shares; how colours are blended is told, but counts for nothing in them.
 */
final readonly class Ingredients
{
    /** Pixels along a side of what is looked at of each thing, and px of the screen that these are. */
    public const SIDE = 3;

    private const LOOKED = 1.0;

    /** Things that are looked at, at most. */
    public const MAX = 120;

    /** Less is not seen: one of 255. */
    private const MIN_SHARE = 0.004;

    /** Blur and shadows reach so far beyond a layer at most, px. */
    private const REACH = 1400.0;

    public function __construct(private Renderer $renderer, private Expansion $expansion)
    {
    }

    /**
     * From front to back; at most as many as are looked at.
     *
     * @param  list<string>  $off  what is hidden and told all the same: addresses of layers, with the property after a space where it is a part of one
     * @return list<Ingredient>
     */
    public function at(Tree $tree, Screen $screen, Point $point, Rendering $rendering, array $off = []): array
    {
        $rendering = $rendering->on($tree, $screen->id);
        $found = [];
        $this->in($tree, new Place($screen->id), $point, new Address(''), $rendering, fn (string $drawn, Rendering $in): string => $drawn, $off, $found);
        $ground = $rendering->finish === Finish::Dressed ? $screen->ground : $screen->ground->grey();
        $drawn = Svg::element('rect', ['width' => $screen->box->width, 'height' => $screen->box->height] + Paints::attributes('fill', $ground));

        return [...array_slice($found, 0, self::MAX - 1), new Ingredient(null, $screen->name, 'background', $ground->toHex(), null, false, [$drawn])];
    }

    /**
     * All of them side by side, one square of pixels for each drawing.
     *
     * @param  list<Ingredient>  $ingredients
     */
    public static function sheet(array $ingredients, Point $point): string
    {
        $cells = '';
        $many = 0;
        $view = implode(' ', array_map(Number::text(...), [$point->x - self::LOOKED / 2, $point->y - self::LOOKED / 2, self::LOOKED, self::LOOKED]));
        foreach ($ingredients as $one) {
            foreach ($one->drawn as $drawn) {
                $cells .= Svg::element('svg', ['x' => $many++ * self::SIDE, 'width' => self::SIDE, 'height' => self::SIDE, 'viewBox' => $view, 'overflow' => 'hidden'], $drawn);
            }
        }

        return Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => max(1, $many) * self::SIDE, 'height' => self::SIDE], PaintClasses::style($cells), $cells);
    }

    /**
     * How much of what is seen comes from each.
     *
     * @param  list<Ingredient>  $ingredients
     * @param  list<array{int, int, int, float}>  $seen  red, green, blue (0 to 255) and alpha of each drawing, in their order
     * @return list<Share> without those of which nothing is seen
     */
    public static function shares(array $ingredients, array $seen): array
    {
        $through = 1.0;
        $at = 0;
        $shares = [];
        foreach ($ingredients as $one) {
            $drawn = array_slice($seen, $at, count($one->drawn));
            $at += count($one->drawn);
            $share = null;
            $colour = null;
            if ($one->over === null && $drawn !== []) {
                // With a shadow it covers more than without it: by as much as the shadow covers of what is left.
                $alpha = count($drawn) === 1 ? $drawn[0][3] : ($drawn[1][3] >= 1 ? 0.0 : max(0.0, 1 - (1 - $drawn[0][3]) / (1 - $drawn[1][3])));
                $share = $one->off ? null : $through * $alpha;
                $through *= $one->off ? 1 : 1 - $alpha;
                $colour = Colour::rgb($drawn[0][0], $drawn[0][1], $drawn[0][2]);
            }
            $shares[] = new Share($one, $share, $colour);
        }
        $kept = [];
        foreach ($shares as $i => $share) {
            $one = $share->ingredient;
            $seenThrough = $one->over !== null && array_filter(array_slice($shares, max(0, $i - $one->over), min($i, $one->over)), fn (Share $other): bool => ($other->share ?? 0.0) >= self::MIN_SHARE) !== [];
            if ($one->off || $seenThrough || ($share->share ?? 0.0) >= self::MIN_SHARE) {
                $kept[] = $share;
            }
        }

        return $kept;
    }

    /**
     * @param  \Closure(string, Rendering): string  $wrap  puts what lies in a place into all that it lies in
     * @param  list<string>  $off
     * @param  list<Ingredient>  $found  added to
     */
    private function in(Tree $tree, Place $place, Point $point, Address $copies, Rendering $rendering, \Closure $wrap, array $off, array &$found): void
    {
        foreach (array_reverse($tree->children($place)) as $layer) {
            $this->layer($tree, $layer, $point, $copies->with($layer->id), $rendering, $wrap, $off, $found);
        }
    }

    /**
     * @param  Point  $point  where the layer lies
     * @param  \Closure(string, Rendering): string  $wrap
     * @param  list<string>  $off
     * @param  list<Ingredient>  $found
     */
    private function layer(Tree $tree, Layer $layer, Point $point, Address $address, Rendering $rendering, \Closure $wrap, array $off, array &$found): void
    {
        if (count($found) >= self::MAX || $layer->masks() || ($layer->hidden && ! in_array((string) $address, $off, true))) {
            return;
        }
        $hidden = $layer->hidden;
        $layer = $layer->with(hidden: false);
        $half = new Point($layer->box->width / 2, $layer->box->height / 2);
        $own = $point->minus($layer->box->centre())->turned(-$layer->rotation)->plus($half);
        $from = count($found);
        if (! $hidden) {
            $inside = fn (string $drawn, Rendering $in): string => $wrap($this->renderer->around($tree, $layer, $in, $drawn), $in);
            foreach (array_reverse($this->expansion->of($tree, $layer)) as $copy) {
                $this->layer($copy->tree, $copy->root, $own, $address->inside($copy->name)->with($copy->root->id), $rendering->inCopy($copy->name, false), $inside, $off, $found);
            }
            if ($layer->isContainer() && ! $layer->content instanceof Expanding) {
                $this->in($tree, new Place($layer->screen, $layer->id), $own, $address, $rendering, $inside, $off, $found);
            }
        }
        if (self::isNear($layer, $own)) {
            foreach ($this->parts($tree, $layer, $hidden) as [$what, $as, $switch, $isOff, $drawings]) {
                if ($isOff && ! in_array(trim("{$address} {$switch}"), $off, true)) {
                    continue;
                }
                // Each has ids of its own, for the same fill may be another in the next.
                $drawn = array_map(function (\Closure $draw) use ($rendering, $wrap, &$found): string {
                    $in = $rendering->with(prefix: "{$rendering->prefix}n".count($found).'-');

                    return $wrap($draw($in), $in);
                }, $drawings);
                $found[] = new Ingredient($address, $layer->name, $what, $as, $switch, $isOff, $drawn);
            }
        }
        foreach ($this->changes($tree, $layer) as [$what, $as, $switch, $isOff, $by]) {
            if (count($found) > $from && (! $isOff || in_array(trim("{$address} {$switch}"), $off, true))) {
                $found[] = new Ingredient($by === null ? $address : $address->with($by->id), $by->name ?? $layer->name, $what, $as, $switch, $isOff, [], count($found) - $from);
            }
        }
    }

    /** Whether something of a layer may be seen at a point of its own. */
    private static function isNear(Layer $layer, Point $at): bool
    {
        $reach = $layer->effects === [] ? 250.0 : self::REACH;

        return $at->x >= -$reach && $at->y >= -$reach && $at->x <= $layer->box->width + $reach && $at->y <= $layer->box->height + $reach;
    }

    /**
     * What a layer itself paints, from front to back.
     *
     * @return list<array{string, string, string|null, bool, list<\Closure(Rendering): string>}> what it is, how it is written, what hides it, whether it is hidden, and the drawings
     */
    private function parts(Tree $tree, Layer $layer, bool $hidden): array
    {
        $bare = $layer->with(effects: array_values(array_filter($layer->effects, fn (Effect $effect): bool => ! $effect->effect instanceof Shadow)), blend: BlendMode::Normal);
        $box = $bare->content instanceof Picture ? $bare->with(content: new BoxLayer) : $bare;
        $draw = fn (Layer $part): array => [fn (Rendering $in): string => $this->renderer->shell($tree, $part, $in)];
        $content = $layer->content;
        $shadows = $this->shadows($tree, $layer, $box);
        if ($hidden || $content instanceof Composed || $content instanceof LineLayer) {
            $what = $content instanceof Composed ? $content::kind() : 'layer';

            return $layer->isContainer() && ! $hidden ? [] : [[$what, '', '', $hidden, $draw($bare)], ...($hidden ? [] : $shadows['behind'])];
        }
        $parts = [];
        foreach ($layer->strokes as $i => $stroke) {
            $parts[] = ['stroke', $stroke->paint->css(), "strokes.{$i}.hidden", $stroke->hidden, $draw($box->with(fills: [], strokes: [$stroke->with(hidden: false)]))];
        }
        array_push($parts, ...$shadows['inner']);
        if ($content instanceof Picture) {
            $parts[] = ['picture', '', '', false, $draw($bare->with(fills: [], strokes: []))];
        }
        $written = $content instanceof Text || $content instanceof Icon;
        if ($written && $layer->fills === []) {
            $parts[] = [$content instanceof Text ? 'words' : 'icon', '', '', false, $draw($bare)];
        }
        foreach ($layer->fills as $i => $fill) {
            $parts[] = [$fill->blend === BlendMode::Normal ? ($written ? 'colour' : 'fill') : "fill, {$fill->blend->value}", $fill->paint->css(), "fills.{$i}.hidden", $fill->hidden, $draw($box->with(fills: [$fill->with(hidden: false, blend: BlendMode::Normal)], strokes: []))];
        }

        return [...$parts, ...$shadows['behind']];
    }

    /**
     * The shadows of a layer: those inside it, and those behind it.
     *
     * @return array{inner: list<array{string, string, string|null, bool, list<\Closure(Rendering): string>}>, behind: list<array{string, string, string|null, bool, list<\Closure(Rendering): string>}>}
     */
    private function shadows(Tree $tree, Layer $layer, Layer $box): array
    {
        $ofAll = $layer->castsAll();
        $all = ['inner' => [], 'behind' => []];
        foreach ($layer->effects as $i => $effect) {
            if (! $effect->effect instanceof Shadow) {
                continue;
            }
            $seen = $effect->with(hidden: false);
            $others = array_values(array_filter($layer->effects, fn (Effect $one): bool => ! $one->effect instanceof Shadow));
            $with = $layer->with(effects: [...$others, $seen], blend: BlendMode::Normal);
            $alone = $box->with(fills: [], strokes: [], effects: [...$others, $seen]);
            $drawings = $ofAll
                ? [fn (Rendering $in): string => $this->renderer->layer($tree, $with, $in), fn (Rendering $in): string => $this->renderer->layer($tree, $with->with(effects: $others), $in)]
                : [fn (Rendering $in): string => $this->renderer->shell($tree, $alone, $in)];
            $inner = $effect->effect->inner && ! $ofAll;
            $all[$inner ? 'inner' : 'behind'][] = [$inner ? 'inner shadow' : 'shadow', $effect->effect->colour->toHex(), "effects.{$i}.hidden", $effect->hidden, $drawings];
        }

        return $all;
    }

    /**
     * What changes how a layer, and what lies in it, is seen.
     *
     * @return list<array{string, string, string|null, bool, Layer|null}> what it is, how it is written, what hides it, whether it is hidden, and the layer that does it where it is another
     */
    private function changes(Tree $tree, Layer $layer): array
    {
        $changes = [];
        foreach ($layer->effects as $i => $effect) {
            if (! $effect->effect instanceof Shadow) {
                $changes[] = [strtolower($effect->effect::label()), '', "effects.{$i}.hidden", $effect->hidden, null];
            }
        }
        foreach ($layer->masks as $i => $mask) {
            $changes[] = ['mask', $mask->paint->css(), "masks.{$i}.hidden", $mask->hidden, null];
        }
        foreach ($tree->masking($layer) as $child) {
            if ($child->masks()) {
                $changes[] = ['masks this', '', '', false, $child];
            }
        }
        if ($layer->opacity < 1) {
            $changes[] = ['opacity', Number::text($layer->opacity * 100).'%', null, false, null];
        }
        if ($layer->blend !== BlendMode::Normal) {
            $changes[] = ['blend', $layer->blend->value, null, false, null];
        }

        return $changes;
    }
}
