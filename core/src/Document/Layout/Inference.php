<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Rank;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;

/**
 * The stack that layers lie in already, as it were: its direction, gap, padding and alignment read off
 * where they lie.
 *
 * A box at the bottom that holds all the others becomes the stack's own ground. Lengths in px.
 */
final readonly class Inference
{
    /** What lies within this many px of a line is taken to lie on it. */
    private const SLOP = 1.0;

    /**
     * @param  non-empty-list<Layer>  $items  in the order of the stack
     * @param  Box  $box  of the stack, in the space of the layers
     * @param  bool  $orderly  whether nothing, or next to nothing, moves when they are stacked so
     */
    private function __construct(
        public Stack $stack,
        public array $items,
        public ?Layer $ground,
        public Box $box,
        public bool $orderly,
    ) {
    }

    /** @param  list<Layer>  $layers  of one place; null when there is nothing to lay out */
    public static function of(array $layers): ?self
    {
        usort($layers, Rank::compare(...));
        $ground = self::ground($layers);
        $items = array_values(array_filter($layers, fn (Layer $layer): bool => $layer !== $ground));
        $around = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $items));
        if ($items === [] || $around === null) {
            return null;
        }
        $axis = self::axis($items);
        usort($items, fn (Layer $a, Layer $b): int => $axis->start($a->bounds()) <=> $axis->start($b->bounds()));
        $box = $ground === null ? $around : $ground->box;
        $gaps = self::gaps($items, $axis);
        $gap = $gaps === [] ? 0.0 : max(0.0, round(self::median($gaps)));
        [$align, $lined] = self::alignment($items, $axis->across(), $ground === null ? $around : $box);
        $centred = $ground !== null && self::near($axis->start($around) - $axis->start($box), $axis->end($box) - $axis->end($around));
        $padding = new Padding(
            max(0.0, $around->y - $box->y), max(0.0, $box->right() - $around->right()), max(0.0, $box->bottom() - $around->bottom()), max(0.0, $around->x - $box->x),
        );
        $even = $gaps === [] || max($gaps) - min($gaps) <= 2 * self::SLOP;

        return new self(
            new Stack(
                $axis === Axis::X ? FlexDirection::Row : FlexDirection::Column,
                rowGap: $gap,
                columnGap: $gap,
                padding: $padding,
                justifyContent: $centred ? JustifyContent::Center : JustifyContent::FlexStart,
                alignItems: $align,
            ),
            $items,
            $ground,
            $box,
            count($items) > 1 && $even && $lined && ($gaps === [] || min($gaps) >= -self::SLOP),
        );
    }

    /**
     * The lowest layer, when it is a box that holds all others.
     *
     * @param  list<Layer>  $layers
     */
    private static function ground(array $layers): ?Layer
    {
        $lowest = $layers[0] ?? null;
        if ($lowest === null || count($layers) < 2 || $lowest->kind() !== 'box' || $lowest->rotation !== 0.0 || $lowest->cues !== []) {
            return null;
        }
        foreach (array_slice($layers, 1) as $layer) {
            $bounds = $layer->bounds();
            if ($bounds->x < $lowest->box->x || $bounds->y < $lowest->box->y || $bounds->right() > $lowest->box->right() || $bounds->bottom() > $lowest->box->bottom()) {
                return null;
            }
        }

        return $lowest;
    }

    /**
     * The axis along which the layers cover each other less.
     *
     * @param  non-empty-list<Layer>  $items
     */
    private static function axis(array $items): Axis
    {
        $overlap = function (Axis $axis) use ($items): float {
            $spans = array_map(fn (Layer $layer): array => [$axis->start($layer->bounds()), $axis->end($layer->bounds())], $items);
            usort($spans, fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $sum = 0.0;
            foreach (array_slice($spans, 1) as $i => [$start, $end]) {
                $sum += max(0.0, min($spans[$i][1], $end) - $start);
            }

            return $sum;
        };

        return $overlap(Axis::X) < $overlap(Axis::Y) ? Axis::X : Axis::Y;
    }

    /**
     * @param  non-empty-list<Layer>  $items
     * @return list<float>
     */
    private static function gaps(array $items, Axis $axis): array
    {
        $gaps = [];
        foreach (array_slice($items, 1) as $i => $item) {
            $gaps[] = $axis->start($item->bounds()) - $axis->end($items[$i]->bounds());
        }

        return $gaps;
    }

    /**
     * @param  non-empty-list<Layer>  $items
     * @return array{AlignItems, bool} the edge or middle that most of them share across, and whether all do
     */
    private static function alignment(array $items, Axis $across, Box $room): array
    {
        $places = [
            'flex-start' => fn (Box $box): float => $across->start($box),
            'center' => fn (Box $box): float => ($across->start($box) + $across->end($box)) / 2,
            'flex-end' => fn (Box $box): float => $across->end($box),
        ];
        $best = 'flex-start';
        $smallest = INF;
        foreach ($places as $name => $place) {
            $at = array_map(fn (Layer $layer): float => $place($layer->bounds()), $items);
            // Alone, a layer is aligned by where it lies in its ground.
            $spread = count($items) > 1 ? max($at) - min($at) : abs($at[0] - $place($room));
            if ($spread < $smallest - 0.01) {
                [$best, $smallest] = [$name, $spread];
            }
        }

        return [AlignItems::from($best), $smallest <= self::SLOP];
    }

    private static function near(float $a, float $b): bool
    {
        return abs($a - $b) <= 2 * self::SLOP;
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return ($values[intdiv(count($values) - 1, 2)] + $values[intdiv(count($values), 2)]) / 2;
    }
}
