<?php

declare(strict_types=1);

namespace Kindred\Render;

/**
 * How a picture is wanted.
 *
 * With `editable`, every layer carries what the wall needs to select it: its id, kind, box,
 * angle and whether it is locked. Hidden layers are drawn only then, and not shown.
 */
final readonly class Rendering
{
    /**
     * @param  \Closure(string): string  $asset  gives the address of a picture, by its hash
     * @param  string  $prefix  before every id inside the picture, where one page shows a screen twice
     */
    public function __construct(
        public TextMode $text,
        public \Closure $asset,
        public bool $editable = false,
        public string $prefix = '',
    ) {
    }
}
