<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Families;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Group as Together;
use Kindred\Document\Layer\LineLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Size;

/** A layer nearly as wide, or as high, as its sisters. */
final class NearSize implements OnScreen
{
    /** Sisters are about as large the other way. */
    private const ALIKE = 1.25;

    public static function key(): string
    {
        return 'near-size';
    }

    public static function label(): string
    {
        return 'nearly the same size';
    }

    public static function group(): Group
    {
        return Group::NearMiss;
    }

    public static function source(): string
    {
        return 'Sizes that differ by a few px look like a slip, not like a decision';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->free() as $family) {
            $kinds = [];
            foreach ($family as $one) {
                $content = $one->layer->content;
                // What is as large as its content is not given its size by anybody.
                if (! $content instanceof Text && ! $content instanceof LineLayer && ! $content instanceof Together) {
                    $kinds[$one->layer->kind().' '.$one->layer->component()][] = $one;
                }
            }
            foreach ($kinds as $sisters) {
                yield from self::among($scene, $sisters, 'width', 'height');
                yield from self::among($scene, $sisters, 'height', 'width');
            }
        }
    }

    /**
     * @param  non-empty-list<Placed>  $sisters
     * @param  'width'|'height'  $side
     * @param  'width'|'height'  $other
     * @return iterable<Finding>
     */
    private static function among(Scene $scene, array $sisters, string $side, string $other): iterable
    {
        $counts = array_count_values(array_map(fn (Placed $one): string => (string) round($one->layer->box->{$side}, 1), $sisters));
        $shared = array_map(floatval(...), array_keys(array_filter($counts, fn (int $many): bool => $many >= 2)));
        foreach ($sisters as $i => $one) {
            $has = $one->layer->box->{$side};
            // Most are not near any size that several have.
            if (array_filter($shared, fn (float $size): bool => abs($size - $has) > 0.8 && abs($size - $has) < 3.2) === [] || ($side === 'width' ? $one->layer->widthFrom() : $one->layer->heightFrom()) !== Size::Length) {
                continue;
            }
            $alike = array_values(array_filter($sisters, fn (Placed $two, int $j): bool => $i !== $j && max($two->layer->box->{$other}, $one->layer->box->{$other}) <= self::ALIKE * max(1, min($two->layer->box->{$other}, $one->layer->box->{$other})), ARRAY_FILTER_USE_BOTH));
            if (count($alike) < 2) {
                continue;
            }
            [$usual, $many] = Families::most(array_map(fn (Placed $two): float => $two->layer->box->{$side}, $alike));
            if ($many >= 2 && $many * 2 > count($alike) && Families::nearly($usual - $has)) {
                $like = array_values(array_filter($alike, fn (Placed $two): bool => abs($two->layer->box->{$side} - $usual) <= 0.1));
                $word = $side === 'width' ? 'wide' : 'high';
                yield Finding::of(self::class, $scene->screen->id, sprintf('%s is %s px %s, its sisters %s px.', $one->called(), round($has, 2), $word, round($usual, 2)), [$one->address, $like[0]->address],
                    new Fix('Make it '.round($usual, 2)." px {$word}", [['type' => 'set-field', ...$scene->named($one), 'field' => $side, 'value' => (string) round($usual, 2)]]));
            }
        }
    }
}
