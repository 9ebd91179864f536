<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Component\Turning;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Layout\LaysOut;

/**
 * What lies around an instance in a layout moves and grows when that changes its state: in a rehearsal a row that opens pushes down what is
 * below. Each instance is laid out in each of its states by itself; what several do adds up, as it does along a stack.
 *
 * A shift is px to the right, down, wider and higher.
 *
 * @phpstan-type Shift array{float, float, float, float}
 */
final class Shifts
{
    /** Layouts that are tried at most; instances after that leave what lies around them where it is. */
    private const MAX = 400;

    /** px; less is nothing. */
    private const SLOP = 0.01;

    /** @return array<string, array<string, array<string, Shift>>> by instance, by its states as "axis:state axis:state", by layer */
    public static function of(Tree $tree, LaysOut $layout): array
    {
        $axes = Turning::axes($tree);
        $shifts = [];
        $tried = 0;
        foreach ($axes === [] ? [] : $tree->reel() as $screen) {
            $turning = array_filter($tree->layersOf($screen->id), fn (Layer $layer): bool => $layer->content instanceof Instance);
            // The layouts of other screens are not looked at.
            $alone = $turning === [] ? $tree : $tree->withoutLayers(...array_map(fn (Layer $layer): string => $layer->id, array_values(array_filter($tree->layers, fn (Layer $layer): bool => $layer->screen !== $screen->id && $tree->component($layer->screen) === null))));
            foreach ($turning as $layer) {
                $content = $layer->content;
                $component = $content instanceof Instance ? $tree->component($content->component) : null;
                if ($component === null || ! self::isLaidOut($tree, $layer)) {
                    continue;
                }
                foreach (array_slice(Turning::variants($component, $layer, $axes), 1) as $states) {
                    if ($tried++ >= self::MAX) {
                        return $shifts;
                    }
                    $moved = self::moved($screen, $layer, $alone, $layout->after($alone, $alone->withLayers($layer->with(content: $content->with(states: $states)))));
                    if ($moved !== []) {
                        $turned = array_intersect_key($states, $axes);
                        $shifts[$layer->id][Turning::said($turned)] = $moved;
                    }
                }
            }
        }

        return $shifts;
    }

    /** Whether something around a layer lays it out. */
    private static function isLaidOut(Tree $tree, Layer $layer): bool
    {
        return array_filter($tree->ancestors($layer), fn (Layer $around): bool => ! $around->isGroup()) !== [];
    }

    /** @return array<string, Shift> by layer; of the instance itself only where it comes to lie */
    private static function moved(Screen $screen, Layer $turned, Tree $before, Tree $after): array
    {
        $moved = [];
        foreach ($after->layersOf($screen->id) as $layer) {
            $was = $before->layers[$layer->id]->box ?? $layer->box;
            $shift = [$layer->box->x - $was->x, $layer->box->y - $was->y, $layer->box->width - $was->width, $layer->box->height - $was->height];
            $shift = $layer->id === $turned->id ? [$shift[0], $shift[1], 0.0, 0.0] : $shift;
            if (max(array_map(abs(...), $shift)) > self::SLOP) {
                $moved[$layer->id] = array_map(fn (float $by): float => round($by, 3), $shift);
            }
        }

        return $moved;
    }
}
