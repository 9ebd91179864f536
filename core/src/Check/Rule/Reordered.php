<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Widget;

/** The same entries, of a bar or a list, come in another order on a sibling screen. */
final class Reordered implements Across
{
    use Siblings;

    /** Fewer entries have hardly an order. */
    private const MIN = 3;

    public static function key(): string
    {
        return 'reordered';
    }

    public static function label(): string
    {
        return 'another order from screen to screen';
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 3.2.3: what is repeated comes in the same order';
    }

    public static function facts(Scene $scene): array
    {
        $facts = [];
        foreach (self::known($scene, 1) as $key => $one) {
            $entries = self::entries($one);
            if (count($entries) >= self::MIN && count(array_unique($entries)) === count($entries)) {
                $sorted = $entries;
                sort($sorted);
                // Only what holds the same entries is in an order, or in another.
                $facts[] = self::fact($scene, $one, $key.' '.hash('sha256', implode("\n", $sorted)), ['order' => implode(', ', $entries)]);
            }
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        $groups = [];
        foreach ($facts as $fact) {
            $groups[$fact->about][] = $fact;
        }
        foreach ($groups as $group) {
            $usual = count($group) < 2 ? [] : self::most($group, fn (Fact $fact): string => $fact->text('order'));
            foreach ($usual === [] ? [] : $group as $fact) {
                if ($fact->text('order') !== $usual[0]->text('order')) {
                    yield Finding::of(self::class, $fact->screen, "“{$fact->called}” goes {$fact->text('order')}; on “{$usual[0]->on}” it goes {$usual[0]->text('order')}.", [$fact->place]);
                }
            }
        }
    }

    /** @return list<string> the names of its entries in the order in which they are seen */
    private static function entries(Placed $one): array
    {
        $content = $one->layer->content;
        if ($content instanceof Widget) {
            return array_values(array_filter(array_map(fn ($item): string => $item->label, $content->items), fn (string $label): bool => $label !== ''));
        }
        $children = array_values(array_filter($one->children, fn (Placed $child): bool => ! $child->isPart && Scene::isOwn($child) && $child->layer->isContainer()));
        usort($children, fn (Placed $a, Placed $b): int => [round($a->bounds->y / 8), $a->bounds->x] <=> [round($b->bounds->y / 8), $b->bounds->x]);

        return array_map(fn (Placed $child): string => $child->layer->name, $children);
    }
}
