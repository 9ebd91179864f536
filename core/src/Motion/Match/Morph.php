<?php

declare(strict_types=1);

namespace Kindred\Motion\Match;

use Kindred\Document\Layer;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Layout\Shapes;
use Kindred\Motion\Tween;
use Kindred\Property\Properties;

/**
 * One layer on its way to become another: size, corners, fills, strokes, shadows, the size of words and the outline, all as a layer that
 * can be drawn. Where it lies and how it is turned is no part of it: its corner is at 0, 0.
 *
 * Both sides are first made alike, without looking different: a plain colour beside a gradient becomes one of the same stops, a fill,
 * stroke or shadow that only one has is there on the other, too, and not seen.
 */
final readonly class Morph
{
    /** The opacity of what would cover what lies below it so that this would not be drawn at all. */
    private const NEARLY = 0.999;

    private function __construct(private Layer $from, private Layer $to)
    {
    }

    /** Null where one cannot become the other: words that say something else, pictures of something else. */
    public static function between(Tree $from, Layer $one, Tree $to, Layer $other, Shapes $shapes): ?self
    {
        if ($one->content::class !== $other->content::class || self::isOtherwiseOutlined($one, $other)) {
            [$first, $second] = [$shapes->outline($from, $one), $shapes->outline($to, $other)];
            if ($first === null || $second === null || self::isNotShape($one) || self::isNotShape($other)) {
                return null;
            }
            [$a, $b] = Outlines::alike($first->curves, $second->curves);
            // As a path a stroke lies on the edge unless it is said otherwise.
            $one = self::placed($one)->with(content: new PathLayer($a), corners: new Corners);
            $other = self::placed($other)->with(content: new PathLayer($b), corners: new Corners);
        } elseif (! self::isSame($one, $other)) {
            return null;
        }
        [$fills, $others] = self::coats($one->fills, $other->fills);
        [$strokes, $otherStrokes] = self::coats($one->strokes, $other->strokes);
        $effects = self::effects($one->effects, $other->effects);
        if ($effects === null) {
            return null;
        }
        $still = ['rotation' => 0.0, 'cues' => [], 'bound' => [], 'lineage' => null, 'pins' => null, 'masking' => false];
        [$corners, $otherCorners] = self::corners($one, $other);

        return new self(
            $other->with(...$still, box: $one->box->movedBy(-$one->box->x, -$one->box->y), content: $one->content, opacity: $one->opacity, fills: $fills, strokes: $strokes, effects: $effects[0], corners: $corners),
            $other->with(...$still, box: $other->box->movedBy(-$other->box->x, -$other->box->y), fills: $others, strokes: $otherStrokes, effects: $effects[1], corners: $otherCorners),
        );
    }

    /** The layer at a share of its way: 0 the first, 1 the second. */
    public function at(float $share): Layer
    {
        $content = $this->from->content;

        return $this->to->with(
            box: Tween::between($this->from->box, $this->to->box, $share),
            content: $content instanceof PathLayer && $this->to->content instanceof PathLayer ? new PathLayer((string) Tween::text($content->d, $this->to->content->d, $share)) : Tween::between($content, $this->to->content, $share),
            opacity: Tween::number($this->from->opacity, $this->to->opacity, $share),
            fills: Tween::between($this->from->fills, $this->to->fills, $share),
            strokes: Tween::between($this->from->strokes, $this->to->strokes, $share),
            effects: Tween::between($this->from->effects, $this->to->effects, $share),
            corners: Tween::between($this->from->corners, $this->to->corners, $share),
        );
    }

    /** Whether what lies in between has another outline than one of numbers that go over: another number of points. */
    private static function isOtherwiseOutlined(Layer $one, Layer $other): bool
    {
        [$a, $b] = [$one->content, $other->content];

        return match (true) {
            $a instanceof PathLayer && $b instanceof PathLayer => true,
            $a instanceof Layer\PolygonLayer && $b instanceof Layer\PolygonLayer => [$a->points, $a->isStar(), $a->rounding > 0.0] !== [$b->points, $b->isStar(), $b->rounding > 0.0],
            $a instanceof Layer\Ellipse && $b instanceof Layer\Ellipse => [$a->isWhole(), $a->hole > 0.0] !== [$b->isWhole(), $b->hole > 0.0],
            default => false,
        };
    }

    /** Words, icons and lines have outlines, too, but become no shapes. */
    private static function isNotShape(Layer $layer): bool
    {
        return $layer->content instanceof Text || $layer->content instanceof Layer\Icon || $layer->content instanceof Layer\LineLayer || $layer->isContainer();
    }

    private static function isSame(Layer $one, Layer $other): bool
    {
        [$a, $b] = [$one->content, $other->content];

        return match (true) {
            $a instanceof Text && $b instanceof Text => $a->words === $b->words && [$a->style->family, $a->style->weight, $a->style->italic] === [$b->style->family, $b->style->weight, $b->style->italic],
            $a instanceof Picture && $b instanceof Picture => $a->asset === $b->asset,
            $a instanceof Layer\Icon && $b instanceof Layer\Icon => $a->icon === $b->icon,
            $a instanceof Layer\Composed => false,
            default => true,
        };
    }

    /** With the place of its strokes said, which depends on its kind. */
    private static function placed(Layer $layer): Layer
    {
        $path = $layer->content instanceof PathLayer;

        return $layer->with(strokes: array_map(fn (Stroke $stroke): Stroke => $stroke->with(position: $stroke->resolvedPosition($path), cap: $stroke->ends($path), join: $stroke->turns($path), sides: null), $layer->strokes));
    }

    /**
     * Fills or strokes as many on both sides, each painted in the same way.
     *
     * @template T of Fill|Stroke
     *
     * @param  list<T>  $some
     * @param  list<T>  $others
     * @return array{list<T>, list<T>}
     */
    private static function coats(array $some, array $others): array
    {
        $seen = fn (Fill|Stroke $one): bool => ! $one->hidden;
        [$some, $others] = [array_values(array_filter($some, $seen)), array_values(array_filter($others, $seen))];
        [$first, $second] = [[], []];
        for ($i = 0, $count = max(count($some), count($others)); $i < $count; $i++) {
            [$a, $b] = [$some[$i] ?? null, $others[$i] ?? null];
            $a ??= Properties::with($b ?? throw new \LogicException('One of both is there.'), ['opacity' => 0.0]);
            $b ??= Properties::with($a, ['opacity' => 0.0]);
            $paints = self::paints($a->paint, $b->paint);
            if ($paints !== null) {
                [$first[], $second[]] = [Properties::with($a, ['paint' => $paints[0], 'bound' => []]), Properties::with($b, ['paint' => $paints[1], 'bound' => []])];

                continue;
            }
            // What cannot be mixed lies over one another, and the one in front comes.
            array_push($first, Properties::with($b, ['opacity' => 0.0, 'bound' => []]), Properties::with($a, ['bound' => []]));
            array_push($second, Properties::with($b, ['opacity' => min($b->opacity, self::NEARLY), 'bound' => []]), Properties::with($a, ['bound' => []]));
        }

        return [$first, $second];
    }

    /** @return array{Paint, Paint}|null the same kind of paint with as many parts; null where that cannot be */
    private static function paints(Paint $a, Paint $b): ?array
    {
        return match (true) {
            $a instanceof Solid && $b instanceof Solid => [$a, $b],
            $a instanceof Solid && $b instanceof Gradient => [$b->recoloured(fn () => $a->colour), $b],
            $a instanceof Gradient && $b instanceof Solid => [$a, $a->recoloured(fn () => $b->colour)],
            $a instanceof Gradient && $b instanceof Gradient && $a::class === $b::class && $a->repeats() === $b->repeats() && $a->space() === $b->space() => self::gradients($a, $b),
            $a == $b => [$a, $b], // @phpstan-ignore equal.notAllowed (values of the same parts)
            default => null,
        };
    }

    /** @return array{Gradient, Gradient} with as many stops, the last ones several times in one place */
    private static function gradients(Gradient $a, Gradient $b): array
    {
        $count = max(count($a->stops()), count($b->stops()));
        $padded = fn (Gradient $one): Gradient => Properties::with($one, ['stops' => array_map(fn (Stop $stop): Stop => $stop->with(bound: []), array_pad($one->stops(), $count, $one->stops()[count($one->stops()) - 1]))]);

        return [$padded($a), $padded($b)];
    }

    /**
     * Shadows as many on both sides; other effects have to be the same kinds.
     *
     * @param  list<Effect>  $some
     * @param  list<Effect>  $others
     * @return array{list<Effect>, list<Effect>}|null
     */
    private static function effects(array $some, array $others): ?array
    {
        $seen = fn (Effect $one): bool => ! $one->hidden;
        [$some, $others] = [array_values(array_filter($some, $seen)), array_values(array_filter($others, $seen))];
        [$first, $second] = [[], []];
        for ($i = 0, $count = max(count($some), count($others)); $i < $count; $i++) {
            $a = isset($some[$i]) ? $some[$i]->effect : self::unseen($others[$i]->effect);
            $b = isset($others[$i]) ? $others[$i]->effect : self::unseen($some[$i]->effect);
            if ($a === null || $b === null || $a::class !== $b::class || ($a instanceof Shadow && $b instanceof Shadow && [$a->inner, $a->top, $a->right, $a->bottom, $a->left] !== [$b->inner, $b->top, $b->right, $b->bottom, $b->left])) {
                return null;
            }
            [$first[], $second[]] = [new Effect($a), new Effect($b)];
        }

        return [$first, $second];
    }

    private static function unseen(Effect\EffectKind $effect): ?Effect\EffectKind
    {
        return $effect instanceof Shadow ? $effect->with(colour: $effect->colour->withAlpha(0)) : null;
    }

    /**
     * Corners that are all alike on one side only are a hair apart, so that both are drawn with the same arcs.
     *
     * @return array{Corners, Corners}
     */
    private static function corners(Layer $one, Layer $other): array
    {
        $fit = [$one->corners->fitted(new Box(0, 0, $one->box->width, $one->box->height)), $other->corners->fitted(new Box(0, 0, $other->box->width, $other->box->height))];
        if ($fit[0]->same() !== null && $fit[1]->same() !== null) {
            return $fit;
        }
        $apart = fn (Corners $corners): Corners => new Corners(...array_map(fn (float $radius, int $i): float => max($radius, 0.01) - 0.001 * $i, $corners->radii(), range(0, 3)));

        return [$apart($fit[0]), $apart($fit[1])];
    }
}
