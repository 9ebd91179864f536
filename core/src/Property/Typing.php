<?php

declare(strict_types=1);

namespace Kindred\Property;

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
     * @param  float  $side  the shorter one of the thing itself, px
     */
    public static function within(float $width, float $height, float $side): self
    {
        return new self([Base::Width->name => $width, Base::Height->name => $height, Base::Side->name => $side]);
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
