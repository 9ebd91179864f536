<?php

declare(strict_types=1);

namespace Kindred\Check\Convention;

use Kindred\Check\Convention;
use Kindred\Check\Rule;

/** For people who see little, and for bad light. */
final class WellReadable implements Convention
{
    public static function key(): string
    {
        return 'wcag-aaa';
    }

    public static function label(): string
    {
        return 'WCAG 2.2, level AAA';
    }

    public static function source(): string
    {
        return 'WCAG 2.2: 1.4.6 contrast 7:1, 1.4.11 graphics 3:1, 2.5.5 targets of 44 px';
    }

    public static function limits(): array
    {
        return [Rule\TextContrast::class => 7.0, Rule\GraphicContrast::class => 3.0, Rule\TargetSize::class => 44.0, Rule\TargetSpacing::class => 24.0];
    }
}
