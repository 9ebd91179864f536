<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Layer;
use Kindred\Document\Style\Fill;
use Kindred\Paint\Colour;

/** Paint as SVG presentation attributes. */
final class Paints
{
    /** @return array<string, string|float|null> */
    public static function attributes(string $property, ?Colour $colour): array
    {
        return [
            $property => $colour === null ? 'none' : $colour->opaqueHex(),
            "{$property}-opacity" => $colour === null || $colour->alpha >= 1 ? null : $colour->alpha,
        ];
    }

    /**
     * The fills that are seen of what is never without: words and icons, which have the colour of ink where they have no fill.
     *
     * @return list<Fill> the front one first
     */
    public static function fills(Layer $layer, string $ink): array
    {
        return $layer->fills === [] ? [Fill::solid(Colour::parse($ink))] : Fill::seen($layer->fills);
    }
}
