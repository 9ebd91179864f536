<?php

declare(strict_types=1);

namespace Kindred\Check\Convention;

use Kindred\Check\Convention;
use Kindred\Check\Rule;

/** A pointer and a large screen. */
final class OnTheDesk implements Convention
{
    public static function key(): string
    {
        return 'on-the-desk';
    }

    public static function label(): string
    {
        return 'On the desk';
    }

    public static function source(): string
    {
        return 'Targets of 24 px (WCAG 2.2, 2.5.8), text of 12 px (ISO 9241-303); a margin of 24 px is settled here';
    }

    public static function limits(): array
    {
        return [Rule\TargetSize::class => 24.0, Rule\TextSize::class => 12.0, Rule\Margin::class => 24.0];
    }
}
