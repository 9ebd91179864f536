<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use GdImage;
use Kindred\Check\Backdrops;
use Kindred\Check\Placed;
use Kindred\Check\Sampling;
use Kindred\Check\Scene;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Style\Fill;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Render\Renderer;

/**
 * What lies behind layers, drawn: for pictures, blurs and whatever else cannot be worked out. A screen is drawn once, without what is thin;
 * only for what something lies over is it drawn by itself.
 */
final class SeenBehind implements Backdrops
{
    /** Pixels of a picture to a px of its screen: grounds are larger than words, and a small picture is drawn several times as fast. */
    private const SCALE = 0.3;

    /** Pixels of a picture, about. */
    private const PIXELS = 250_000;

    /** Pixels along a side that are looked at, at most. */
    private const SIDE = 64;

    private ?Scene $drawn = null;

    private GdImage|false $picture = false;

    /** @param  bool  $asShown  whether the screens are looked at as they are shown; in another theme nothing is drawn */
    public function __construct(private readonly Backdrop $backdrop, private readonly Renderer $renderer, private readonly Pictures $pictures, private readonly Raster $raster, private readonly Project $project, private readonly bool $asShown)
    {
    }

    public function behind(Scene $scene, Placed $one): array
    {
        $screen = $scene->screen->box;
        $box = Box::between(max(0.0, $one->bounds->x), max(0.0, $one->bounds->y), min($screen->width, $one->bounds->right()), min($screen->height, $one->bounds->bottom()));
        if (! $this->asShown || $box === null) {
            return [];
        }
        if (self::isCovered($scene, $one)) {
            try {
                return $this->backdrop->behind($this->project, $scene->screen->id, $one->address);
            } catch (Missing) {
                // It was deleted meanwhile.
                return [];
            }
        }
        if ($this->drawn !== $scene) {
            $this->drawn = $scene;
            $this->picture = imagecreatefromstring($this->raster->png($this->renderer->screen(self::withoutThin($scene->tree), $scene->screen, $this->pictures->standalone($this->project)), self::zoom($scene->screen)));
        }

        return $this->picture === false ? [] : self::colours($this->picture, $box->times(imagesx($this->picture) / $screen->width));
    }

    private static function zoom(Screen $screen): float
    {
        return min(self::SCALE, sqrt(self::PIXELS / ($screen->box->width * $screen->box->height)));
    }

    /** Whether something is painted over it that is not thin. */
    private static function isCovered(Scene $scene, Placed $one): bool
    {
        foreach ($scene->seen as $other) {
            if ($other->order > $one->order && ! $other->isIn($one) && self::covers($other->layer) && $other->bounds->meets($one->bounds)) {
                return true;
            }
        }

        return false;
    }

    private static function covers(Layer $layer): bool
    {
        return ! Sampling::isThin($layer) && (Fill::seen($layer->fills) !== [] || $layer->content instanceof Picture || $layer->content instanceof Composed);
    }

    /** Words, icons and lines are seen no more; where they lie, all else stays where it is. */
    private static function withoutThin(Tree $tree): Tree
    {
        $thin = array_filter($tree->layers, Sampling::isThin(...));

        return $tree->withLayers(...array_map(fn (Layer $layer): Layer => $layer->with(opacity: 0.0), array_values($thin)));
    }

    /** @return list<array{int, int, int, int}> red, green, blue, how many of the pixels that are looked at */
    private static function colours(GdImage $picture, Box $box): array
    {
        $counts = [];
        $columns = max(1, min(self::SIDE, (int) $box->width));
        $rows = max(1, min(self::SIDE, (int) $box->height));
        for ($i = 0; $i < $columns; $i++) {
            for ($j = 0; $j < $rows; $j++) {
                $x = min(imagesx($picture) - 1, (int) ($box->x + $box->width * ($i + 0.5) / $columns));
                $y = min(imagesy($picture) - 1, (int) ($box->y + $box->height * ($j + 0.5) / $rows));
                $colour = (int) imagecolorat($picture, $x, $y) & 0xFFFFFF;
                $counts[$colour] = ($counts[$colour] ?? 0) + 1;
            }
        }

        return array_map(fn (int $colour, int $count): array => [$colour >> 16, ($colour >> 8) & 255, $colour & 255, $count], array_keys($counts), array_values($counts));
    }
}
