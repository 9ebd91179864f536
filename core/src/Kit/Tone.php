<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Widget\WidgetLook;
use Kindred\Paint\Colour;

/** The colours that widgets are dressed in, by what they are for. The accent is the layer's own fill where it has one. */
enum Tone: string
{
    case Ink = '#1e2425';
    case Soft = '#667071';
    case Edge = '#c4c9c9';
    case Ground = '#f1f3f2';
    case Shade = '#dfe3e2';
    case Paper = '#ffffff';
    case Accent = '#1f6b5c';
    case OnAccent = '#fffffe';
    case Tint = '#e0eeea';
    case Warning = '#a8402c';

    public function colour(?Colour $accent, WidgetLook $look = new WidgetLook): Colour
    {
        return match ($this) {
            self::Accent => $accent,
            self::OnAccent => $accent === null ? null : Colour::parse($accent->contrastRatio(Colour::parse('#ffffff')) >= 3 ? '#ffffff' : '#1e2425'),
            self::Tint => $accent?->withAlpha(0.14),
            self::Ink => $look->ink,
            self::Soft => $look->soft,
            self::Edge => $look->edge,
            self::Ground => $look->ground,
            self::Shade => $look->shade,
            self::Paper => $look->paper,
            self::Warning => $look->warning,
        } ?? Colour::parse($this->value);
    }
}
