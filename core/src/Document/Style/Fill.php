<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/** One solid coat of paint. A layer's fills are listed from the back to the front. */
final readonly class Fill
{
    public function __construct(public Colour $colour)
    {
    }

    public static function solid(string $colour): self
    {
        return new self(Colour::parse($colour));
    }

    public static function read(Reader $in): self
    {
        return new self(Colour::parse($in->string('colour', 60), $in->at('colour')));
    }

    /** @return array{colour: string} */
    public function toArray(): array
    {
        return ['colour' => $this->colour->toHex()];
    }
}
