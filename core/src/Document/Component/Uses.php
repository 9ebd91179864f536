<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;

/** What shows otherwise because a component has changed. */
final class Uses
{
    /**
     * The layers that show a component which a difference changes, or one in which such a one is shown, as far as they are at hand; but
     * for those that it names itself.
     *
     * @return list<Layer>
     */
    public static function following(Difference $difference, Tree $after): array
    {
        $tokens = self::changesTokens($difference);
        $changed = self::changed($difference, $after);
        foreach ($tokens ? $after->sheets() : [] as $sheet) {
            $changed += $sheet->component?->isBound() === true ? [$sheet->id => true] : [];
        }
        if ($changed === [] && ! $tokens) {
            return [];
        }
        $uses = $found = [];
        $named = array_fill_keys($difference->layers(), true);
        foreach ($after->layers as $layer) {
            foreach ($layer->components() as $component) {
                $uses[$component][] = $layer;
            }
            if ($tokens && $layer->content instanceof Instance && ! isset($named[$layer->id]) && OverrideValues::areBound($layer->content->overrides)) {
                $found[$layer->id] = $layer;
            }
        }
        for ($open = array_keys($changed); $open !== [];) {
            $component = array_pop($open);
            foreach ($uses[$component] ?? [] as $layer) {
                $found += isset($named[$layer->id]) ? [] : [$layer->id => $layer];
                if ($layer->screen !== null && ! isset($changed[$layer->screen]) && $after->component($layer->screen) !== null) {
                    $changed[$layer->screen] = true;
                    $open[] = $layer->screen;
                }
            }
        }

        return array_values($found);
    }

    /** @return list<string> the components that layers or states show before or after a difference: to be at hand where these come back */
    public static function named(Difference $difference): array
    {
        $named = [];
        foreach ($difference->changes as $change) {
            if (in_array($change->entity, [Entity::Layer, Entity::Screen], true) && $change->touches(OverrideValues::COMPONENT, 'overrides')) {
                $sides = (array) json_decode(json_encode([$change->before, $change->after], JSON_THROW_ON_ERROR), true);
                array_walk_recursive($sides, function (mixed $value, int|string $key) use (&$named): void {
                    if ($key === OverrideValues::COMPONENT && is_string($value)) {
                        $named[$value] = $value;
                    }
                });
            }
        }

        return array_values($named);
    }

    /** Whether something has another value because of a token, or another theme shows. */
    private static function changesTokens(Difference $difference): bool
    {
        foreach ($difference->changes as $change) {
            if (in_array($change->entity, Themes::HOUSE, true) || ($change->entity === Entity::Project && $change->touches('theme')) || ($change->entity === Entity::Screen && $change->touches('theme'))) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, true> the components that a difference changes: their layers, their states, or whether they are there */
    private static function changed(Difference $difference, Tree $after): array
    {
        $changed = [];
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Screen && $change->touches('component', 'gone', 'theme', 'look') && ($change->touches('component') || self::isSheet($after, $change->id))) {
                $changed[$change->id] = true;
            }
            foreach ($change->entity === Entity::Layer ? [$change->before['screen'] ?? null, ($after->layers[$change->id] ?? null)?->screen] : [] as $screen) {
                if (is_string($screen) && self::isSheet($after, $screen)) {
                    $changed[$screen] = true;
                }
            }
        }

        return $changed;
    }

    private static function isSheet(Tree $tree, string $screen): bool
    {
        return ($tree->screens[$screen] ?? $tree->gone[$screen] ?? null)?->component !== null;
    }
}
