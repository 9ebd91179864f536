<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Document\Style\Corners;
use Kindred\Geometry\Box;
use Kindred\Geometry\Outline;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/**
 * Clips and masks of a drawing (CSS Masking 1) as one layer that masks others.
 *
 * @phpstan-import-type LayerData from SvgReader
 */
final class Masks
{
    /**
     * A clip: the union of its shapes, whatever their paint.
     *
     * @param  list<LayerData>  $layers  of the clip, as they are drawn
     * @return LayerData|null null where they are no shapes
     */
    public static function clip(array $layers): ?array
    {
        return self::one($layers, [['colour' => '#000000']]);
    }

    /**
     * A mask: what it shows is as opaque as its light, or its alpha, says.
     *
     * @param  list<LayerData>  $layers
     * @return LayerData|null null where it is made of more than one layer makes
     */
    public static function mask(array $layers, bool $byLight): ?array
    {
        $layers = self::flat($layers);
        $fills = array_map(fn (array $layer): array => self::fills($layer['fills'] ?? [], $byLight), $layers);
        if (count($layers) === 1) {
            return in_array($layers[0]['kind'] ?? '', ['box', 'ellipse', 'path', 'text'], true) ? ['fills' => $fills[0], 'strokes' => [], 'masking' => true, 'name' => 'Mask'] + $layers[0] : null;
        }

        // Several of one paint are as one.
        return count(array_unique(array_map(serialize(...), $fills))) === 1 ? self::one($layers, $fills[0] ?? []) : null;
    }

    /**
     * @param  list<LayerData>  $layers
     * @param  list<mixed>  $fills
     * @return LayerData|null
     */
    private static function one(array $layers, array $fills): ?array
    {
        $layers = self::flat($layers);
        $look = ['fills' => $fills, 'strokes' => [], 'masking' => true, 'name' => 'Mask', 'opacity' => 1];
        if (count($layers) === 1 && in_array($layers[0]['kind'] ?? '', ['box', 'ellipse', 'path', 'text'], true)) {
            return $look + $layers[0];
        }
        $segments = [];
        foreach ($layers as $layer) {
            $path = self::outline($layer);
            if ($path === null) {
                return null;
            }
            array_push($segments, ...$path->segments);
        }
        $whole = PathData::of($segments);
        $bounds = $whole->bounds();

        return $bounds === null ? null : ['kind' => 'path', 'x' => round($bounds->x, 3), 'y' => round($bounds->y, 3), 'width' => round($bounds->width, 3), 'height' => round($bounds->height, 3), 'd' => $whole->mapped(1, 0, 0, 1, -$bounds->x, -$bounds->y)->text()] + $look;
    }

    /**
     * Those in groups without the groups.
     *
     * @param  list<LayerData>  $layers
     * @return list<LayerData>
     */
    private static function flat(array $layers): array
    {
        $flat = [];
        foreach ($layers as $layer) {
            if (($layer['kind'] ?? '') !== 'group') {
                $flat[] = $layer;

                continue;
            }
            /** @var list<LayerData> $children */
            $children = $layer['children'] ?? [];
            array_push($flat, ...self::flat(array_map(fn (array $child): array => ['x' => self::number($child, 'x') + self::number($layer, 'x'), 'y' => self::number($child, 'y') + self::number($layer, 'y')] + $child, $children)));
        }

        return $flat;
    }

    /** @param  LayerData  $layer */
    private static function outline(array $layer): ?PathData
    {
        $box = new Box(self::number($layer, 'x'), self::number($layer, 'y'), self::number($layer, 'width'), self::number($layer, 'height'));
        $corners = $layer['corners'] ?? [];
        try {
            return match ($layer['kind'] ?? '') {
                'box' => PathData::parse(Corners::all(is_array($corners) && is_numeric($corners['topLeft'] ?? null) ? (float) $corners['topLeft'] : 0.0)->path($box)),
                'ellipse' => Outline::ellipse($box->centre()->x, $box->centre()->y, $box->width / 2, $box->height / 2),
                'path' => is_string($layer['d'] ?? null) ? PathData::parse($layer['d'])->mapped(1, 0, 0, 1, $box->x, $box->y) : null,
                default => null,
            };
        } catch (InvalidInput) {
            return null;
        }
    }

    /**
     * Fills by the light of which a mask is opaque: black of so much alpha.
     *
     * @return list<mixed>
     */
    private static function fills(mixed $fills, bool $byLight): array
    {
        $alike = function (mixed $value, string $key = '') use (&$alike, $byLight): mixed {
            if (is_array($value)) {
                return array_combine(array_keys($value), array_map(fn (mixed $one, int|string $at): mixed => $alike($one, (string) $at), $value, array_keys($value)));
            }
            if ($key !== 'colour' || ! is_string($value)) {
                return $value;
            }
            $colour = Colour::parse($value);
            $light = ($colour->red * 0.2126 + $colour->green * 0.7152 + $colour->blue * 0.0722) / 255;

            return Colour::rgb(0, 0, 0, $colour->alpha * ($byLight ? $light : 1))->toHex();
        };
        $made = $alike($fills);

        return is_array($made) ? array_values($made) : [];
    }

    /** @param  LayerData  $layer */
    private static function number(array $layer, string $key): float
    {
        return is_numeric($layer[$key] ?? null) ? (float) $layer[$key] : 0.0;
    }
}
