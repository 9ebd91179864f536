<?php

declare(strict_types=1);

namespace Kindred\Check;

/** The register of rules, in the order in which they are listed. */
final class Rules
{
    /** @var non-empty-list<class-string<OnScreen>|class-string<Across>|class-string<OnFlow>> */
    public const ALL = [
        Rule\TextContrast::class,
        Rule\GraphicContrast::class,
        Rule\TextSize::class,
        Rule\CutText::class,
        Rule\ReadingOrder::class,
        Rule\TargetSize::class,
        Rule\TargetSpacing::class,
        Rule\Collision::class,
        Rule\LeavesContainer::class,
        Rule\OffScreen::class,
        Rule\Margin::class,
        Rule\Alignment::class,
        Rule\UnevenGap::class,
        Rule\OffScale::class,
        Rule\OffCentre::class,
        Rule\Corners::class,
        Rule\NearSize::class,
        Rule\RawValue::class,
        Rule\Moved::class,
        Rule\Sized::class,
        Rule\Painted::class,
        Rule\Reordered::class,
        Rule\TopBarHeight::class,
        Rule\FootBarHeight::class,
        Rule\BackPlace::class,
        Rule\Wording::class,
        Rule\TapName::class,
        Rule\MissingCondition::class,
        Rule\Unreached::class,
        Rule\NoWayIn::class,
        Rule\DeadEnd::class,
        Rule\NoWayBack::class,
        Rule\WrongWay::class,
        Rule\StuckOverlay::class,
        Rule\CoveredCue::class,
        Rule\ConflictingCues::class,
        Rule\Loop::class,
        Rule\ImpossibleCondition::class,
        Rule\NeverSet::class,
        Rule\HiddenLayer::class,
        Rule\EmptyLayer::class,
        Rule\DuplicateLayer::class,
    ];

    /** @return class-string<OnScreen>|class-string<Across>|class-string<OnFlow>|null */
    public static function find(string $key): ?string
    {
        foreach (self::ALL as $rule) {
            if ($rule::key() === $key) {
                return $rule;
            }
        }

        return null;
    }
}
