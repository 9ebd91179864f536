<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** One colour. */
final readonly class Solid implements Paint
{
    use Declared;

    public function __construct(
        #[Is\Parsed(200, label: 'fill', given: true, absent: ['#ffffff'])] public Colour $colour,
    ) {
    }

    public static function kind(): string
    {
        return 'solid';
    }

    public static function label(): string
    {
        return 'Colour';
    }

    public static function instead(Paint $of): self
    {
        return new self($of->colour());
    }

    public function colour(): Colour
    {
        return $this->colour;
    }

    public function css(?float $width = null): string
    {
        return $this->colour->toHex();
    }
}
