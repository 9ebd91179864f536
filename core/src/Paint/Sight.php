<?php

declare(strict_types=1);

namespace Kindred\Paint;

/**
 * Ways of seeing colours, as matrices on linear sRGB. Deficiencies are complete ones (severity 1) of the model by Machado, Oliveira and
 * Fernandes, “A Physiologically-based Model for Simulation of Color Vision Deficiency” (IEEE TVCG 15:6, 2009); grey is relative luminance.
 */
enum Sight: string
{
    case Protanopia = 'protanopia';
    case Deuteranopia = 'deuteranopia';
    case Tritanopia = 'tritanopia';
    case Greyscale = 'greyscale';

    /** @return list<list<float>> three rows of three */
    public function matrix(): array
    {
        return match ($this) {
            self::Protanopia => [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
            self::Deuteranopia => [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
            self::Tritanopia => [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]],
            self::Greyscale => array_fill(0, 3, [0.2126, 0.7152, 0.0722]),
        };
    }

    /** What is missing, in words. */
    public function label(): string
    {
        return match ($this) {
            self::Protanopia => 'without red cones',
            self::Deuteranopia => 'without green cones',
            self::Tritanopia => 'without blue cones',
            self::Greyscale => 'lightness only',
        };
    }

    /** The values of an SVG `feColorMatrix` in linear sRGB (Filter Effects 1, section 9.6). */
    public function values(): string
    {
        return implode(' ', array_map(fn (array $row): string => implode(' ', $row).' 0 0', $this->matrix())).' 0 0 0 1 0';
    }
}
