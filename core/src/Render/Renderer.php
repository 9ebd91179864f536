<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Device\Catalogue;
use Kindred\Device\Pointing;
use Kindred\Document\Address;
use Kindred\Document\Bounds;
use Kindred\Document\Component\Turning;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Said;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Compound;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\IconSource;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Position;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Isolation;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetField;
use Kindred\Document\Widget\WidgetPlace;
use Kindred\Geometry\Box as Bounding;
use Kindred\Geometry\Number;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetPart;
use Kindred\Layout\Expansion;
use Kindred\Layout\LaidCopy;
use Kindred\Layout\ScrollRegion;
use Kindred\Render\Drawing\BoxShape;
use Kindred\Render\Drawing\Brushes;
use Kindred\Render\Drawing\Drawn;
use Kindred\Render\Drawing\Figure;
use Kindred\Render\Drawing\FlatPainter;
use Kindred\Render\Drawing\Grip;
use Kindred\Render\Drawing\RoughPainter;
use Kindred\Render\Drawing\Shape;
use Kindred\Render\Finish\Greys;
use Kindred\Render\Finish\RoughPen;
use Kindred\Render\Kind\KindDrawings;
use Kindred\Signal\Template;
use Kindred\Type\FaceBook;
use Kindred\Type\Typesetter;

/** Draws layers and screens as SVG: the one renderer of wall, thumbnails, rehearsal and exports. */
final readonly class Renderer
{
    /** Part of the cache key of pictures; raised when they would look different. */
    public const VERSION = 15;

    private KindDrawings $kinds;

    private Masker $masker;

    private FaceBook $faces;

    private Kit $kit;

    private RehearsalMarkup $rehearsal;

    public function __construct(Typesetter $typesetter, IconSource $icons, private Expansion $expansion)
    {
        $this->kit = new Kit($typesetter);
        $this->rehearsal = new RehearsalMarkup($this->kit, $typesetter->faces);
        $this->kinds = new KindDrawings($typesetter, $icons);
        $this->faces = $typesetter->faces;
        $this->masker = new Masker($this->kinds, $this->faces);
    }

    /** A whole screen as an SVG document, or the part of it to a height in px. */
    public function screen(Tree $tree, Screen $screen, Rendering $rendering, ?float $height = null): string
    {
        $height ??= $screen->box->height;
        $rendering = $rendering->on($tree, $screen->id);
        $ground = $rendering->finish === Finish::Dressed ? $screen->ground : $screen->ground->grey();
        $painted = Svg::element('rect', ['width' => $screen->box->width, 'height' => $height, 'data-ground' => $rendering->editable] + Paints::attributes('fill', $ground));
        $layers = $this->place($tree, new Place($screen->id), $rendering->with(behind: fn (): string => $painted, again: new Allowance));

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg',
            'width' => $screen->box->width,
            'height' => $height,
            'viewBox' => '0 0 '.Number::text($screen->box->width).' '.Number::text($height),
        ], $rendering->alone ? PaintClasses::style($layers) : '', $painted, $rendering->editable ? self::tracing($screen, $rendering) : '', $layers);
    }

    /** A screen in the frame of its device, as an SVG document. */
    public function framed(Tree $tree, Screen $screen, Rendering $rendering): string
    {
        $frame = new DeviceFrame($screen);
        $box = $frame->box();
        $clip = "{$rendering->prefix}frame-{$screen->id}";

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'width' => $box->width, 'height' => $box->height,
            'viewBox' => implode(' ', array_map(Number::text(...), [$box->x, $box->y, $box->width, $box->height])),
        ], Svg::element('clipPath', ['id' => $clip], Svg::element('rect', ['width' => $screen->box->width, 'height' => $screen->box->height, 'rx' => $frame->corner()])),
            Svg::element('g', ['clip-path' => "url(#{$clip})"], $this->screen($tree, $screen, $rendering)), $frame->draw());
    }

    /** What lies under a screen to be traced: on the wall only. */
    private static function tracing(Screen $screen, Rendering $rendering): string
    {
        $tracing = $screen->tracing;

        return $tracing === null ? '' : Svg::element('image', [
            'href' => ($rendering->asset)($tracing->asset),
            'x' => $tracing->box->x, 'y' => $tracing->box->y, 'width' => $tracing->box->width, 'height' => $tracing->box->height,
            'opacity' => $tracing->opacity, 'preserveAspectRatio' => 'none', 'pointer-events' => 'none', 'data-ground' => 'tracing',
        ]);
    }

    /**
     * A screen for a rehearsal: its picture, in which widgets work, then what opens from them, and a keyboard where a
     * device without one has fields to type into.
     */
    public function played(Tree $tree, Screen $screen, Rendering $rendering): string
    {
        $rendering = $rendering->with(turning: $turning = Turning::axes($tree), told: $turning !== [] || Cue::anyMatches($tree));
        $inside = $rendering->on($tree, $screen->id);
        $keys = $typed = false;
        $out = $this->scrolled($tree, $screen, $rendering, $inside);
        foreach ($this->expansion->shown($tree, new Place($screen->id)) as [$layer, $address]) {
            if (! $layer->content instanceof Widget) {
                continue;
            }
            $opened = Kit::opened($layer);
            $out .= $opened === null ? '' : $this->beside($opened, array_reduce($address->copies, fn (Rendering $in, string $copy): Rendering => $in->inCopy($copy, false), $inside), 'data-opens', (string) $address);
            [$keys, $typed] = [$keys || RehearsalMarkup::isKeyboard($layer), $typed || RehearsalMarkup::isTyped($layer)];
        }
        if (! $keys && $typed && Catalogue::for($screen->device, $screen->box->width, $screen->view)->pointing === Pointing::Touch) {
            $out .= $this->beside(RehearsalMarkup::keyboard($screen->box->width), $inside, 'data-keys', '');
        }

        return $out;
    }

    /** A screen that is scrolled, and what of it stays in the window: at its top or its bottom, whichever is nearer. */
    private function scrolled(Tree $tree, Screen $screen, Rendering $rendering, Rendering $inside): string
    {
        $fixed = $screen->box->height <= $screen->view ? [] : array_values(array_filter($tree->children(new Place($screen->id)), fn (Layer $layer): bool => $layer->position === Position::Fixed && ! $layer->hidden));
        if ($fixed === []) {
            return $this->screen($tree, $screen, $rendering);
        }
        $below = $screen->box->height - $screen->view;
        $drawn = array_map(function (Layer $layer) use ($tree, $screen, $inside, $below): string {
            $bounds = $layer->bounds();

            return Svg::element('g', ['transform' => $screen->box->height - $bounds->bottom() < $bounds->y ? 'translate(0 '.Number::text(-$below).')' : null], $this->layer($tree, $layer, $inside));
        }, $fixed);
        $svg = Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => $screen->box->width, 'height' => $screen->view, 'viewBox' => '0 0 '.Number::text($screen->box->width).' '.Number::text($screen->view)], ...$drawn);

        return '<div class="fixed">'.$svg.'</div>'.$this->screen($tree->withLayers(...array_map(fn (Layer $layer): Layer => $layer->with(hidden: true), $fixed)), $screen, $rendering);
    }

    /** A widget on its own, hidden beside a screen. */
    private function beside(Layer $layer, Rendering $rendering, string $attribute, string $value): string
    {
        [$width, $height] = [Number::text($layer->box->width), Number::text($layer->box->height)];
        $svg = Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => $layer->box->width, 'height' => $layer->box->height, 'viewBox' => "0 0 {$width} {$height}"], $this->own($layer, $rendering));

        return '<div class="beside" hidden '.$attribute.'="'.$value.'">'.$svg.'</div>';
    }

    /** All layers of a place, bottom first. */
    public function place(Tree $tree, Place $place, Rendering $rendering): string
    {
        $layers = $tree->children($place);
        if ($rendering->behind === null) {
            return implode('', array_map(fn (Layer $layer): string => $this->layer($tree, $layer, $rendering), $layers));
        }
        $out = '';
        // Each layer once without what is seen through it, as soon as one of those after it is seen through.
        $plain = [];
        foreach ($layers as $i => $layer) {
            $out .= $this->layer($tree, $layer, $rendering->with(behind: function () use ($tree, $layers, $rendering, $i, &$plain): string {
                for ($at = count($plain); $at < $i; $at++) {
                    $plain[] = $this->layer($tree, $layers[$at], $rendering->with(behind: null, until: null));
                }

                return ($rendering->behind)().implode('', array_slice($plain, 0, $i));
            }));
        }

        return $out;
    }

    public function layer(Tree $tree, Layer $layer, Rendering $rendering): string
    {
        if (($layer->hidden && ! $rendering->editable) || $rendering->until?->ends($rendering->address($layer->id)) === true) {
            return '';
        }
        [$layer, $rendering] = self::asPart($tree, $layer, $rendering);
        $own = $this->own($layer, $rendering);
        // A tap counts in the whole box, not only on painted pixels.
        if ($layer->cues !== [] && ! $rendering->editable && $rendering->text === TextMode::Live) {
            $own = Svg::element('rect', ['width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all']).$own;
        }
        $within = fn (): Rendering => $rendering->behind === null ? $rendering : $rendering->with(behind: fn (): string => $this->behindWithin($tree, $layer, $rendering).$own);

        return $this->group($tree, $layer, $rendering, $own, match (true) {
            $layer->content instanceof Expanding => $this->copies($tree, $layer, $within()),
            // Its parts are seen in what they come to; on the wall they are picked at their edges.
            $layer->content instanceof Compound && ! $rendering->editable => '',
            $layer->isContainer() => $this->place($tree, new Place($layer->screen, $layer->id), $within()),
            default => '',
        });
    }

    /**
     * A part of a compound paints nothing of its own, nor does anything that it lies behind.
     *
     * @return array{Layer, Rendering}
     */
    private static function asPart(Tree $tree, Layer $layer, Rendering $rendering): array
    {
        if (! $rendering->part && $tree->compounds($layer) === []) {
            return [$layer, $rendering];
        }

        return [$layer->with(opacity: 1.0, effects: [], masks: [], blend: BlendMode::Normal, isolation: Isolation::Auto, masking: false), $rendering->with(part: true, behind: null)];
    }

    /** What lies behind a layer, as what lies in it has it: nothing where the layer is put together by itself first (Filter Effects 2, section 2.1, backdrop root). */
    private function behindWithin(Tree $tree, Layer $layer, Rendering $rendering): string
    {
        $apart = $layer->opacity < 1 || $layer->masks !== [] || PaintClasses::of($layer) !== null || Filters::of($layer, $rendering) !== null || Filters::behind($layer, $rendering) !== null || $this->masking($tree, $layer) !== [];

        return $apart || $rendering->behind === null ? '' : Svg::element('g', ['transform' => $this->back($layer)], ($rendering->behind)());
    }

    /** From where a layer lies to its own coordinates. */
    private function back(Layer $layer): ?string
    {
        $n = Number::text(...);
        $turn = $layer->rotation === 0.0 ? '' : "rotate({$n(-$layer->rotation)} {$n($layer->box->width / 2)} {$n($layer->box->height / 2)})";
        $move = $layer->box->x === 0.0 && $layer->box->y === 0.0 ? '' : "translate({$n(-$layer->box->x)} {$n(-$layer->box->y)})";

        return $turn.$move === '' ? null : $turn.$move;
    }

    /**
     * Some layers of one place as an SVG document of their own, as large as they are with their strokes.
     *
     * @param  non-empty-list<Layer>  $layers  in drawing order, none inside another
     */
    public function cutOut(Tree $tree, array $layers, Rendering $rendering): string
    {
        $rendering = $layers[0]->screen === null ? $rendering : $rendering->on($tree, $layers[0]->screen);
        $extent = $this->extent($tree, $layers);
        $out = '';
        foreach ($layers as $layer) {
            $drawn = $this->layer($tree, $layer->with(hidden: false), $rendering);
            foreach ($tree->ancestors($layer) as $group) {
                $drawn = Svg::element('g', ['transform' => $this->transform($group)], $drawn);
            }
            $out .= $drawn;
        }

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'width' => $extent->width, 'height' => $extent->height,
            'viewBox' => implode(' ', array_map(Number::text(...), [$extent->x, $extent->y, $extent->width, $extent->height])),
        ], $rendering->alone ? PaintClasses::style($out) : '', $out);
    }

    /** What is drawn on its screen before a layer, as far as that takes it up, as an SVG document: what lies behind it. */
    public function behind(Tree $tree, Address $address, Rendering $rendering): string
    {
        $layer = $tree->showing($address)[0] ?? $tree->layer($address->layer);
        $screen = $tree->screen($layer->screen ?? '');
        $extent = $this->extentAt($tree, $address);
        // What does not come near it need not be drawn.
        $outermost = $tree->ancestors($layer);
        $around = $outermost === [] ? $layer : end($outermost);
        $apart = array_filter($tree->children(new Place($screen->id)), fn (Layer $one): bool => $one->id !== $around->id && ! self::isNear(Bounds::of($tree, $one), $extent));
        $tree = $tree->withLayers(...array_map(fn (Layer $one): Layer => $one->with(hidden: true), array_values($apart)));
        $ground = Svg::element('rect', ['width' => $screen->box->width, 'height' => $screen->box->height] + Paints::attributes('fill', $rendering->finish === Finish::Dressed ? $screen->ground : $screen->ground->grey()));
        $drawn = $ground.$this->place($tree, new Place($screen->id), $rendering->on($tree, $screen->id)->with(behind: fn (): string => $ground, until: new Until((string) $address), again: new Allowance));

        return Svg::element('svg', [
            'xmlns' => 'http://www.w3.org/2000/svg', 'width' => $extent->width, 'height' => $extent->height,
            'viewBox' => implode(' ', array_map(Number::text(...), [$extent->x, $extent->y, $extent->width, $extent->height])),
        ], PaintClasses::style($drawn), $drawn);
    }

    /** What a layer takes up on its screen, at an address, in whole px, at least one. */
    public function extentAt(Tree $tree, Address $address): Bounding
    {
        $offset = $this->expansion->offset($tree, $address);

        return $this->extent($tree, [$tree->layer($address->layer)])->movedBy(round($offset->x), round($offset->y));
    }

    /** Whether something may be seen in an area: shadows and blur reach beyond bounds, too. */
    private static function isNear(Bounding $bounds, Bounding $area): bool
    {
        $far = 200;

        return $bounds->x - $far < $area->right() && $bounds->right() + $far > $area->x && $bounds->y - $far < $area->bottom() && $bounds->bottom() + $far > $area->y;
    }

    /**
     * What a picture of some layers takes up on their screen, in whole px, at least one.
     *
     * @param  non-empty-list<Layer>  $layers
     */
    public function extent(Tree $tree, array $layers): Bounding
    {
        $around = Bounding::around(...array_map(fn (Layer $layer): Bounding => $this->painted($tree, $layer), $layers)) ?? new Bounding(0, 0, 1, 1);
        [$x, $y] = [floor($around->x), floor($around->y)];

        return new Bounding($x, $y, max(1, ceil($around->right()) - $x), max(1, ceil($around->bottom()) - $y));
    }

    /** The bounds of a layer with what it paints outside them. */
    private function painted(Tree $tree, Layer $layer): Bounding
    {
        $box = Bounds::of($tree, $layer);
        $out = max(0.0, ...array_map(fn (Drawn $one): float => $one->reach(), $this->kinds->of($layer, new Rendering(TextMode::Live, fn (): string => ''))), ...array_map(fn (Effect $one): float => $one->hidden ? 0.0 : $one->effect->reach(), $layer->effects));

        return new Bounding($box->x - $out, $box->y - $out, $box->width + 2 * $out, $box->height + 2 * $out);
    }

    private function copies(Tree $tree, Layer $layer, Rendering $rendering): string
    {
        $component = $rendering->turning === [] ? null : $tree->component($layer->component());
        $variants = $component === null ? [] : Turning::variants($component, $layer, $rendering->turning);
        if ($variants !== []) {
            return $this->turning($tree, $layer, $variants, $rendering);
        }
        $out = '';
        foreach ($this->expansion->of($tree, $layer) as $i => $copy) {
            $out .= $this->copy($copy, $rendering, $i === 0);
        }

        return $out;
    }

    /**
     * An instance in all states that a rehearsal may show it in, of which the player shows one; the first is that in which it starts.
     *
     * @param  non-empty-list<array<string, string>>  $variants  states by axis
     */
    private function turning(Tree $tree, Layer $layer, array $variants, Rendering $rendering): string
    {
        $out = '';
        foreach ($variants as $i => $states) {
            $turned = $this->expansion->inStates($tree, $layer, $states);
            $shown = '';
            foreach ($this->expansion->of($tree, $turned) as $copy) {
                $shown .= $this->copy($copy, $i === 0 ? $rendering : $rendering->with(prefix: "{$rendering->prefix}{$i}-"), true);
            }
            $out .= Svg::element('g', ['data-states' => Turning::said($states), 'display' => $i === 0 ? null : 'none'], $shown);
        }

        return Svg::element('g', ['data-turns' => $rendering->address($layer->id)], $out);
    }

    /** One copy of what is shown several times, where it lies. */
    public function copy(LaidCopy $copy, Rendering $rendering, bool $first): string
    {
        // There is nothing beside it that it could mask.
        return $this->layer($copy->tree, $copy->root->masking ? $copy->root->with(masking: false) : $copy->root, $rendering->inCopy($copy->name, $first));
    }

    /** @return list<WidgetPart> of a working widget what is shown in some of its states only, in the order of its picture in a rehearsal */
    public function inSomeStates(Layer $layer, Rendering $rendering): array
    {
        return array_values(array_filter($this->kit->wearing($rendering->look)->variants($layer)->parts ?? [], fn (WidgetPart $part): bool => $part->when !== []));
    }

    /** A layer's own element without the layers in it; what masks these is said there. */
    public function shell(Tree $tree, Layer $layer, Rendering $rendering): string
    {
        [$layer, $rendering] = self::asPart($tree, $layer, $rendering);

        return $this->group($tree, $layer, $rendering, $this->own($layer, $rendering), '');
    }

    /** What lies in a layer as the layer lets it be seen, without what that paints itself. */
    public function around(Tree $tree, Layer $layer, Rendering $rendering, string $inside): string
    {
        return $this->group($tree, $layer, $rendering, '', $inside);
    }

    /**
     * Cues as the wall draws them: `id>target` for each screen that one brings, an empty target for a return.
     *
     * @param  list<Cue>  $cues
     */
    public static function threads(array $cues): string
    {
        $threads = fn (Cue $cue): array => array_map(fn (string $target): string => "{$cue->id}>{$target}", [...$cue->targets(), ...($cue->returns() ? [''] : [])]);

        return implode(' ', array_merge([], ...array_map($threads, $cues)));
    }

    /**
     * Cues in words, a line each, behind their ids.
     *
     * @param  list<Cue>  $cues
     */
    public static function said(array $cues): string
    {
        return implode("\n", array_map(fn (Cue $cue): string => "{$cue->id} ".Said::of($cue), $cues));
    }

    /** What a layer itself draws, without the layers in it; a group draws nothing. */
    private function own(Layer $layer, Rendering $rendering): string
    {
        if ($layer->content instanceof Composed) {
            return $this->composed($layer, $rendering);
        }
        if ($layer->masks() || $rendering->part) {
            return $rendering->editable ? $this->grips($layer, $rendering) : '';
        }
        if ($rendering->working && $layer->content instanceof Text && Template::hasPlaceholders($layer->content->words)) {
            return $this->rehearsal->words($layer, $layer->content->words, $rendering);
        }
        $painter = $rendering->finish === Finish::Rough
            ? new RoughPainter($this->faces, $rendering->text, new RoughPen("{$layer->id}.".implode('.', $rendering->copies)), Brushes::of($layer, $rendering))
            : new FlatPainter($this->faces, $rendering->text, Brushes::of($layer, $rendering));

        return $painter->paint($this->kinds->of($rendering->finish === Finish::Dressed ? $layer : Greys::of($layer), $rendering));
    }

    /** Where a layer that masks others is picked, which are seen in it: at its edge. */
    private function grips(Layer $layer, Rendering $rendering): string
    {
        $painter = new FlatPainter($this->faces, $rendering->text, Brushes::of($layer, $rendering));
        $grips = array_filter($this->kinds->of($layer, $rendering), fn (Drawn $one): bool => $one instanceof Grip);
        $shapes = array_map(fn (Drawn $one): Shape => $one instanceof Figure ? $one->shape : new BoxShape(new Bounding(0, 0, $layer->box->width, $layer->box->height)), array_slice($this->kinds->of($layer, $rendering->still()), 0, 1));

        return $painter->paint(array_map(fn (Grip $grip): Grip => $grip->edged(), $grips === [] ? array_map(Grip::inside(...), $shapes) : array_values($grips)));
    }

    private static function holds(Widget $widget): bool
    {
        return Template::hasPlaceholders(implode(' ', WidgetPlace::all($widget)));
    }

    /** Widgets and charts are drawn from plain layers, each in the finish; as a whole they are picked anywhere in their box. */
    private function composed(Layer $layer, Rendering $rendering): string
    {
        $out = $rendering->editable
            ? Svg::element('rect', ['width' => $layer->box->width, 'height' => $layer->box->height, 'fill' => 'none', 'pointer-events' => 'all'])
            : '';
        $inside = $rendering->still();
        if ($rendering->fill !== null && $layer->content instanceof Widget && self::holds($layer->content)) {
            $layer = $layer->with(content: ($rendering->fill)()->widget($layer->content));
        }
        $draw = fn (Layer $part): string => Svg::element('g', ['transform' => $this->transform($part)], $this->own($part, $inside));

        return $rendering->working && $layer->content instanceof Widget
            ? $this->rehearsal->widget($layer, $inside, $draw)
            : $out.implode('', array_map($draw, $this->kit->wearing($rendering->look)->parts($layer)));
    }

    /**
     * The element of a layer with what it holds. What it draws itself comes first, then the layers in it: those are gathered in an
     * element of their own where some of them mask the others.
     */
    private function group(Tree $tree, Layer $layer, Rendering $rendering, string $own, string $inside): string
    {
        $filters = Filters::of($layer, $rendering);
        $mask = $this->masker->own($layer, $rendering);
        $cut = $this->masker->by($this->masking($tree, $layer), $rendering, fn (Layer $one): string => $this->painting($one, $rendering), $this->transform(...));
        if ($layer->scrolls()) {
            return Svg::element('g', $this->attributes($layer, $rendering, $filters, $mask), $filters?->element() ?? '', $mask->defined ?? '', $this->backdrop($layer, $rendering), $own, $cut->defined ?? '', $this->window($tree, $layer, $rendering, $cut?->attributes() ?? [], $inside));
        }

        return Svg::element('g', $this->attributes($layer, $rendering, $filters, $mask), $filters?->element() ?? '', $mask->defined ?? '', $this->backdrop($layer, $rendering), $own,
            $cut === null ? $inside : $cut->defined.Svg::element('g', ['data-inside' => true, 'class' => Isolation::Isolate->className()] + $cut->attributes(), $inside));
    }

    /**
     * What lies in a container that is scrolled, as far as it is seen: a window of its own coordinates, which moves over it.
     *
     * @param  array<string, string|null>  $attributes
     */
    private function window(Tree $tree, Layer $layer, Rendering $rendering, array $attributes, string $inside): string
    {
        [$width, $height] = [max(0.01, $layer->box->width), max(0.01, $layer->box->height)];
        $region = $rendering->working ? ScrollRegion::of($tree, $layer) : null;
        $corners = $layer->corners->fitted($layer->box);
        $round = $attributes === [] && array_sum($corners->radii()) > 0 ? "{$rendering->prefix}{$layer->id}-window" : null;
        $attributes += ['clip-path' => $round === null ? null : "url(#{$round})"];
        // It is taken hold of between the layers in it, too.
        $inside = $region === null ? $inside : Svg::element('rect', ['width' => $region->width, 'height' => $region->height, 'fill' => 'none', 'pointer-events' => 'all']).$inside;

        return ($round === null ? '' : Svg::element('clipPath', ['id' => $round], Svg::element('path', ['d' => $corners->path(new Bounding(0, 0, $width, $height))]))).Svg::element('svg', ['data-inside' => true, 'class' => 'window', 'width' => $width, 'height' => $height, 'viewBox' => '0 0 '.Number::text($width).' '.Number::text($height),
            'data-scroll' => $region === null ? null : json_encode($region->toArray(), JSON_THROW_ON_ERROR)] + $attributes, $inside);
    }

    /** @return list<Layer> the layers in a layer that mask the others */
    private function masking(Tree $tree, Layer $layer): array
    {
        return array_values(array_filter($tree->masking($layer), fn (Layer $one): bool => $one->masks()));
    }

    /** What a layer that masks others would look like. */
    private function painting(Layer $layer, Rendering $rendering): string
    {
        $still = $rendering->still()->in(Finish::Dressed);
        $layer = $layer->with(masking: false);
        [$filters, $mask] = [Filters::of($layer, $still), $this->masker->own($layer, $still)];

        return Svg::element('g', ['data-mask' => $rendering->editable, 'transform' => $this->transform($layer), 'opacity' => $layer->opacity >= 1 ? null : $layer->opacity, 'filter' => $filters?->attribute()] + ($mask?->attributes() ?? []),
            $filters?->element() ?? '', $mask->defined ?? '', $this->own($layer, $still));
    }

    /** What lies behind a layer as it is seen through it. On a page the browser puts it in, for it changes there without this layer. */
    private function backdrop(Layer $layer, Rendering $rendering): string
    {
        $filters = Filters::behind($layer, $rendering);
        $behind = $rendering->alone ? $rendering->behind : null;
        if ($filters === null || ($rendering->alone && ($behind === null || $rendering->again->isUsedUp()))) {
            return '';
        }
        $clip = "{$rendering->prefix}{$layer->id}-through";

        return $filters->element().$this->masker->clip($clip, $layer, $rendering).Svg::element('g', ['class' => $rendering->alone ? null : 'behind', 'clip-path' => "url(#{$clip})"],
            Svg::element('g', ['filter' => $filters->attribute(), 'pointer-events' => 'none'], $behind === null ? '' : $rendering->again->pay(Svg::element('g', ['transform' => $this->back($layer)], $behind()))));
    }

    /** @return array<string, string|int|float|bool|null> */
    private function attributes(Layer $layer, Rendering $rendering, ?FilterChain $filters, ?Cut $mask): array
    {
        return [
            'data-layer' => $rendering->editable ? $rendering->address($layer->id) : $layer->id,
            // Where it is shown several times: which of these it is.
            'data-position' => $rendering->working && $layer->position === Position::Sticky ? $layer->position->value : null,
            'data-at' => $rendering->told && $rendering->copies !== [] ? $rendering->address($layer->id) : null,
            'class' => PaintClasses::of($layer),
            'transform' => $this->transform($layer),
            'opacity' => $layer->opacity >= 1 ? null : $layer->opacity,
            'filter' => $filters?->attribute(),
            'mask' => $mask?->attributes()['mask'],
            ...($rendering->editable ? $this->handles($layer, $rendering) : []),
        ];
    }

    private function transform(Layer $layer): ?string
    {
        $n = Number::text(...);
        $move = $layer->box->x === 0.0 && $layer->box->y === 0.0 ? '' : "translate({$n($layer->box->x)} {$n($layer->box->y)})";
        $turn = $layer->rotation === 0.0 ? '' : "rotate({$n($layer->rotation)} {$n($layer->box->width / 2)} {$n($layer->box->height / 2)})";

        return $move.$turn === '' ? null : $move.$turn;
    }

    /** A stack as the wall adjusts it: direction, wrap, row gap, column gap, padding at the top, right, bottom and left. */
    private static function spacing(Stack $stack): string
    {
        $padding = $stack->padding;
        $lengths = [$stack->rowGap, $stack->columnGap, $padding->top, $padding->right, $padding->bottom, $padding->left];

        return implode(' ', [$stack->direction->value, $stack->wrap->value, ...array_map(Number::text(...), $lengths)]);
    }

    /**
     * A picture as the wall moves it in its box: its width and height as it fits, how much larger it is made, its position, and the
     * minimum and maximum zoom; and where its properties stand.
     *
     * @return array<string, string|null>
     */
    private static function lying(Layer $layer, Rendering $rendering): array
    {
        if ($rendering->finish !== Finish::Dressed || $layer->isContainer()) {
            return [];
        }
        $paints = array_filter(array_map(fn (Fill $fill): ?PicturePaint => $fill->hidden || ! $fill->paint instanceof PicturePaint ? null : $fill->paint, $layer->fills));
        $picture = $layer->content instanceof Picture ? $layer->content : array_values($paints)[0] ?? null;
        if ($picture === null) {
            return [];
        }
        $size = $rendering->size === null ? null : ($rendering->size)($picture->asset);
        if ($size === null) {
            return [];
        }
        $fits = $picture->with(zoom: 1.0)->place($layer->box->width, $layer->box->height, $size);

        return [
            'data-picture' => implode(' ', array_map(fn (float $number): string => (string) round($number, 6), [$fits->width, $fits->height, $picture->zoom, $picture->positionX, $picture->positionY, Picture::MIN_ZOOM, Picture::MAX_ZOOM])),
            'data-picture-of' => $picture instanceof Picture ? null : 'fills.'.array_key_first($paints).'.',
        ];
    }

    /** @return array<string, string|bool|null> */
    private function handles(Layer $layer, Rendering $rendering): array
    {
        $n = Number::text(...);

        return [
            'data-kind' => $layer->kind(),
            'data-box' => "{$n($layer->box->x)} {$n($layer->box->y)} {$n($layer->box->width)} {$n($layer->box->height)} {$n($layer->rotation)}",
            'data-min' => $layer->content instanceof Widget ? implode(' ', array_map($n, Kit::minimumSize($layer->content))) : null,
            'data-entries' => $layer->content instanceof Widget && in_array(WidgetField::Items, Kit::find($layer->content->widget)?->fields() ?? [], true),
            'data-placeholders' => $layer->content instanceof Widget && self::holds($layer->content),
            'data-locked' => $layer->locked,
            'data-masking' => $layer->masking,
            'data-free' => $layer->sizing->absolute,
            'data-stack' => $layer->content instanceof Stack ? self::spacing($layer->content) : null,
            'data-array' => $layer->content instanceof ArrayLayer ? Number::text($layer->content->rowGap).' '.Number::text($layer->content->columnGap) : null,
            'data-component' => $layer->component(),
            'data-states' => $layer->content instanceof Instance && $layer->content->states !== [] ? implode(' ', $layer->content->states) : null,
            'data-corners' => isset($layer->content->paint()['corners']) ? implode(' ', array_map($n, $layer->corners->same() === null ? $layer->corners->fitted($layer->box)->radii() : [$layer->corners->fitted($layer->box)->topLeft])) : null,
            'data-arc' => $layer->content instanceof Ellipse ? implode(' ', [$n($layer->content->startAngle), $n($layer->content->sweep), $n($layer->content->hole), $layer->content->ends->value]) : null,
            'data-polygon' => $layer->content instanceof PolygonLayer ? implode(' ', [$n($layer->content->points), $n($layer->content->innerRadius), $n($layer->content->rounding)]) : null,
            ...self::lying($layer, $rendering),
            'data-cues' => $layer->cues === [] || ! $rendering->threads ? null : self::threads($layer->cues),
            'data-said' => $layer->cues === [] || ! $rendering->threads ? null : self::said($layer->cues),
            'pointer-events' => $layer->locked ? 'none' : null,
            'display' => $layer->hidden ? 'none' : null,
        ];
    }
}
