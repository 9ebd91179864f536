<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Icon;
use Kindred\Geometry\Box;

/** Icons stand out against what lies behind them. Other graphics may be there for their looks alone, which nobody can tell from outside. */
final class GraphicContrast implements OnScreen
{
    use Contrasts;

    public static function key(): string
    {
        return 'graphic-contrast';
    }

    public static function label(): string
    {
        return 'contrast of icons';
    }

    public static function group(): Group
    {
        return Group::Reading;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 1.4.11: graphics that are needed to understand the content, 3:1';
    }

    public static function limit(): Limit
    {
        return new Limit('Contrast of icons', 3, 1.5, 21, ':1');
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $needed = $limit ?? 3.0;
        foreach ($scene->seen as $layer) {
            $colour = $layer->layer->content instanceof Icon ? $layer->layer->colour() : null;
            if ($colour === null || $colour->alpha === 0.0) {
                continue;
            }
            $box = $layer->layer->box;
            $measured = self::measured($scene, $layer, $colour, self::spread($layer, new Box($box->width * 0.2, $box->height * 0.2, $box->width * 0.6, $box->height * 0.6), 3, 3));
            if ($measured !== null && $measured->ratio < $needed) {
                yield Finding::of(self::class, $scene->screen->id, sprintf('The icon %s has a contrast of %s:1 with %s; it needs %s:1.', $layer->called(), self::ratio($measured->ratio), self::behind($measured), self::ratio($needed)), [$layer->address], self::recoloured($scene, $layer, $measured, $needed));
            }
        }
    }
}
