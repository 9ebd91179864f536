<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/** A painted edge; width in px, 0.1 to 200. */
final readonly class Stroke
{
    public function __construct(
        public Colour $colour,
        public float $width = 1.0,
        public StrokePosition $position = StrokePosition::Inside,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self(
            Colour::parse($in->string('colour', 60), $in->at('colour')),
            $in->number('width', 0.1, 200),
            $in->has('position') ? $in->enum('position', StrokePosition::class) : StrokePosition::Inside,
        );
    }

    public function with(?Colour $colour = null, ?float $width = null, ?StrokePosition $position = null): self
    {
        return new self($colour ?? $this->colour, $width ?? $this->width, $position ?? $this->position);
    }

    /** @return array{colour: string, width: float, position: string} */
    public function toArray(): array
    {
        return ['colour' => $this->colour->toHex(), 'width' => $this->width, 'position' => $this->position->value];
    }
}
