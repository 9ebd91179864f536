<?php

declare(strict_types=1);

namespace App\View;

use Kindred\Document\Layer\IconSource;
use Kindred\Render\Svg;

/** The interface's own icons, from the library that designers get. */
final class Glyphs
{
    /** @var array<string, string> */
    private static array $drawn = [];

    public static function shapes(string $name): string
    {
        return self::$drawn[$name] ??= implode('', array_map(
            fn (array $node): string => Svg::element($node[0], $node[1]),
            app(IconSource::class)->nodes($name) ?? [],
        ));
    }
}
