<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

/** What paints something: attributes of the SVG element, and the paint server that they name, if any. */
final readonly class Brush
{
    /** @param  array<string, string|float|null>  $attributes */
    public function __construct(public array $attributes, public string $server = '')
    {
    }
}
