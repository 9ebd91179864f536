<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Beyond;
use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Document\Screen;
use Kindred\Document\Token\Offers;
use Kindred\Document\Token\Value\DimensionToken;
use Kindred\Style\Aspect\Gaps;
use Kindred\Style\Inventory;
use Kindred\Style\Written;

/** A gap, or a padding, that lies between the steps of the project's spacing, near one of them. */
final class OffScale implements Beyond, OnScreen
{
    /** A share of a step that is near it. */
    private const NEAR = 0.25;

    public static function key(): string
    {
        return 'off-scale';
    }

    public static function label(): string
    {
        return 'gaps off the scale';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'The spacing tokens of the house style: few distances are told apart, many look like slips';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->tokens();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $steps = array_filter($scene->tokens(), fn ($token): bool => $token->value instanceof DimensionToken && Offers::isMeantFor($token, 'rowGap') && preg_match('/spac|gap|pad|inset/i', $token->name) === 1);
        $told = [];
        foreach ($steps === [] ? [] : $scene->seen as $one) {
            if (isset($told[$one->address->layer]) || ! $one->layer->isContainer()) {
                continue;
            }
            $told[$one->address->layer] = true;
            $written = $one->layer->toArray();
            foreach (Gaps::in($written) as $path => $gap) {
                if (! is_float($gap) || Inventory::isBound($path, Written::bound($written))) {
                    continue;
                }
                $nearest = null;
                foreach ($steps as $token) {
                    $step = $token->value instanceof DimensionToken ? $token->value->px() : 0.0;
                    if ($nearest === null || abs($step - $gap) < abs($nearest[1] - $gap)) {
                        $nearest = [$token, $step];
                    }
                }
                if ($nearest !== null && abs($nearest[1] - $gap) >= 0.5 && abs($nearest[1] - $gap) < $nearest[1] * self::NEAR) {
                    yield Finding::of(self::class, $scene->screen->id, sprintf('%s has a %s of %s px; next to it is %s of %s px.', $one->called(), $path === 'padding' ? 'padding' : 'gap', round($gap, 2), $nearest[0]->name, round($nearest[1], 2)), [$one->address],
                        new Fix("Take {$nearest[0]->name}", [['type' => 'bind-token', ...$scene->setting($one, $path), 'field' => $path, 'token' => $nearest[0]->id]]));
                }
            }
        }
    }
}
