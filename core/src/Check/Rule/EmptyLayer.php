<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\PolygonLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Backdrop;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;

/** A layer with nothing in it, and nothing to be seen. */
final class EmptyLayer implements OnScreen
{
    public static function key(): string
    {
        return 'empty-layer';
    }

    public static function label(): string
    {
        return 'layers with nothing in them';
    }

    public static function group(): Group
    {
        return Group::Leftover;
    }

    public static function source(): string
    {
        return 'What paints nothing is in the way of what lies under it';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->seen as $one) {
            // In what can be tapped an empty box makes room for a finger, in a group it may give it its size.
            if (Scene::isOwn($one) && ! $one->isTapped() && ! $one->isInTarget() && ! self::isFrame($one) && self::isEmpty($one)) {
                yield Finding::of(self::class, $scene->screen->id, "{$one->called()} ".self::lacks($one->layer).': there is nothing to see.', [$one->address], new Fix('Delete it', [['type' => 'delete-layers', ...$scene->named($one)]]));
            }
        }
    }

    private static function isFrame(Placed $one): bool
    {
        return $one->parent?->layer->isGroup() === true && count($one->parent->children) > 1
            && array_filter($one->parent->children, fn (Placed $other): bool => ! $one->bounds->contains($other->bounds, 0.5)) === [];
    }

    private static function isEmpty(Placed $one): bool
    {
        $layer = $one->layer;
        $content = $layer->content;
        if ($content instanceof Text) {
            return trim($content->words) === '';
        }
        $paints = Fill::front($layer->fills)?->colour()->alpha > 0 || Stroke::seen($layer->strokes) !== [] || Effect::seen($layer->effects, Shadow::class) !== [] || Effect::seen($layer->effects, Backdrop::class) !== [];
        if ($layer->isContainer() && ! $content instanceof Expanding) {
            return $one->children === [] && ! $paints;
        }

        // In a stack a box that paints nothing may keep others apart.
        return ($content instanceof BoxLayer || $content instanceof Ellipse || $content instanceof PolygonLayer || $content instanceof PathLayer) && ! $paints && ! $one->isLaidOut();
    }

    private static function lacks(Layer $layer): string
    {
        return match (true) {
            $layer->content instanceof Text => 'has no words',
            $layer->isContainer() => 'holds nothing',
            default => 'has neither fill nor stroke',
        };
    }
}
