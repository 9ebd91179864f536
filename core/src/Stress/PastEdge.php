<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Finding;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Rule\OffScreen;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;

/**
 * What keeps a margin to the sides of its screen keeps it under strain. By itself this says nothing: shapes may reach over the edge, and some are
 * meant to. But what did not comes to the edge only because the screen is narrower, or it has grown.
 */
final class PastEdge implements OnScreen
{
    use OnlyBeside;

    private const SLOP = 0.5;

    public static function key(): string
    {
        return 'past-edge';
    }

    public static function label(): string
    {
        return 'what loses its margin';
    }

    public static function source(): string
    {
        return OffScreen::source();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $told = $alike = [];
        foreach ($scene->seen as $one) {
            $root = $one->root();
            $sides = isset($told[$root->layer->id]) || $one->isAway() || ! self::isPainted($one) ? [] : array_filter([
                'on the left' => -$one->bounds->x, 'on the right' => $one->bounds->right() - $scene->screen->box->width,
            ], fn (float $over): bool => $over >= -self::SLOP);
            if ($sides !== []) {
                $told[$root->layer->id] = true;
                $over = max($sides);
                $alike[$root->called()][($over > self::SLOP ? 'cut by the edge of the screen, '.round($over, 1).' px ' : 'at the edge of the screen ').array_search($over, $sides, true)][] = $root->address;
            }
        }
        // Rows of a list, uses of a component: what is called alike and goes alike is said once.
        foreach ($alike as $called => $ways) {
            foreach ($ways as $said => $places) {
                yield Finding::of(self::class, $scene->screen->id, count($places) === 1 ? "{$called} is {$said}." : count($places)." of {$called} are {$said}.", $places);
            }
        }
    }

    /** Whether it paints a shape; words, icons and widgets must be on the screen as a whole anyway. */
    private static function isPainted(Placed $one): bool
    {
        $content = $one->layer->content;
        $isWhole = $one->isPart || $content instanceof Text || $content instanceof Icon || $content instanceof Composed;

        return ! $isWhole && ($content instanceof Picture || Fill::seen($one->layer->fills) !== [] || Stroke::seen($one->layer->strokes) !== []);
    }
}
