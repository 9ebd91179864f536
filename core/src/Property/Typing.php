<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Geometry\Box;

/** What is around something that is typed: what the lengths are of which a percentage can be typed. */
final readonly class Typing
{
    /** @param  array<string, float>  $lengths  px, by the names of `Base` */
    private function __construct(private array $lengths)
    {
    }

    /** Where percentages mean nothing but where they are of the value itself. */
    public static function alone(): self
    {
        return new self([]);
    }

    /**
     * @param  float  $width  of what the thing lies in, px
     * @param  float  $height  of what the thing lies in, px
     * @param  Box  $own  of the thing itself
     */
    public static function within(float $width, float $height, Box $own): self
    {
        return new self([Base::Width->name => $width, Base::Height->name => $height, Base::OwnWidth->name => $own->width, Base::OwnHeight->name => $own->height, Base::Side->name => min($own->width, $own->height)]);
    }

    public function length(?Base $of, float $own): ?float
    {
        return match ($of) {
            null => null,
            Base::Own => $own,
            Base::One => 1.0,
            default => $this->lengths[$of->name] ?? null,
        };
    }
}
