<?php

declare(strict_types=1);

namespace Kindred\Check\Convention;

use Kindred\Check\Convention;
use Kindred\Check\Rule;

/** A panel on the wall of a workshop. */
final class InGloves implements Convention
{
    public static function key(): string
    {
        return 'in-gloves';
    }

    public static function label(): string
    {
        return 'At arm’s length, in gloves';
    }

    public static function source(): string
    {
        return 'Text of 20 px (ISO 9241-303 at 600 mm), contrast of 7:1 (WCAG 2.2, 1.4.6); targets of 80 px, over a third more than bare fingers need (Parhi, Karlson and Bederson 2006), and a margin of 24 px are settled here';
    }

    public static function limits(): array
    {
        return [Rule\TargetSize::class => 80.0, Rule\TargetSpacing::class => 48.0, Rule\TextSize::class => 20.0, Rule\TextContrast::class => 7.0, Rule\Margin::class => 24.0];
    }
}
