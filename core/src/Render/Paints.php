<?php

declare(strict_types=1);

namespace Kindred\Render;

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
     * The colour that stands for all fills of a layer where only one can be drawn: the frontmost.
     *
     * @param  list<Fill>  $fills
     */
    public static function front(array $fills, string $otherwise): Colour
    {
        return $fills === [] ? Colour::parse($otherwise) : $fills[0]->colour;
    }
}
