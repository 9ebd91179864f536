<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Property\AsClass;

/** How a layer is mixed with what lies behind it (Compositing and Blending 1, section 5.1). */
enum BlendMode: string implements AsClass
{
    case Normal = 'normal';
    case Multiply = 'multiply';
    case Screen = 'screen';
    case Overlay = 'overlay';
    case Darken = 'darken';
    case Lighten = 'lighten';
    case ColorDodge = 'color-dodge';
    case ColorBurn = 'color-burn';
    case HardLight = 'hard-light';
    case SoftLight = 'soft-light';
    case Difference = 'difference';
    case Exclusion = 'exclusion';
    case Hue = 'hue';
    case Saturation = 'saturation';
    case Color = 'color';
    case Luminosity = 'luminosity';

    public function className(): ?string
    {
        return $this === self::Normal ? null : "blend-{$this->value}";
    }

    public static function css(): string
    {
        return implode("\n", array_map(fn (self $mode): string => ".{$mode->className()} { mix-blend-mode: {$mode->value}; }", array_slice(self::cases(), 1)));
    }
}
