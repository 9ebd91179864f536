<?php

declare(strict_types=1);

namespace Kindred\Check\Convention;

use Kindred\Check\Convention;
use Kindred\Check\Rule;

/** What public services have to keep in many countries. */
final class Readable implements Convention
{
    public static function key(): string
    {
        return 'wcag-aa';
    }

    public static function label(): string
    {
        return 'WCAG 2.2, level AA';
    }

    public static function source(): string
    {
        return 'WCAG 2.2: 1.4.3 contrast 4.5:1, 1.4.11 graphics 3:1, 2.5.8 targets of 24 px';
    }

    public static function limits(): array
    {
        return [Rule\TextContrast::class => 4.5, Rule\GraphicContrast::class => 3.0, Rule\TargetSize::class => 24.0, Rule\TargetSpacing::class => 24.0];
    }
}
