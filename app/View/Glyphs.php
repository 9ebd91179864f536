<?php

declare(strict_types=1);

namespace App\View;

use Kindred\Document\Layer\IconBook;
use Kindred\Render\Svg;

/** The interface's own icons, from the library that designers get, and those of the project at hand. */
final class Glyphs
{
    /** @var array<string, string> */
    private static array $drawn = [];

    public static function shapes(string $name): string
    {
        $icons = app(IconBook::class);
        $draw = fn (): string => implode('', array_map(fn (array $node): string => Svg::element($node[0], $node[1]), $icons->nodes($name) ?? []));

        // Those of a project are others in the next.
        return $icons->ships($name) ? self::$drawn[$name] ??= $draw() : $draw();
    }
}
