<?php

declare(strict_types=1);

namespace Kindred\Check\Convention;

use Kindred\Check\Convention;
use Kindred\Check\Rule;

/** A phone that is held in one hand. */
final class InTheHand implements Convention
{
    public static function key(): string
    {
        return 'in-the-hand';
    }

    public static function label(): string
    {
        return 'In the hand';
    }

    public static function source(): string
    {
        return 'Targets of 44 px (WCAG 2.2, 2.5.5), text of 12 px (ISO 9241-303 at 300 mm); bars of 56 and 64 px, a margin of 16 px and what returns at the top left are settled here';
    }

    public static function limits(): array
    {
        return [Rule\TargetSize::class => 44.0, Rule\TextSize::class => 12.0, Rule\TopBarHeight::class => 56.0, Rule\FootBarHeight::class => 64.0, Rule\Margin::class => 16.0, Rule\BackPlace::class => 96.0];
    }
}
