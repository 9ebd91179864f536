<?php

declare(strict_types=1);

namespace Kindred\Device;

/**
 * A named screen size.
 *
 * Width and height in px (CSS pixels), safe areas in px in the order top, right, bottom, left,
 * `target` the minimum side of a tap target in px.
 */
final readonly class Device
{
    /** @param  array{int, int, int, int}  $safe */
    public function __construct(
        public string $key,
        public string $name,
        public string $family,
        public int $width,
        public int $height,
        public float $pixelRatio,
        public array $safe,
        public int $corner,
        public Pointing $pointing,
        public int $target,
        public string $targetSource,
    ) {
    }
}
