<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Tree;

/** Which instances change their states in a rehearsal, and what they can become. */
final class Turning
{
    /** Variants of one instance that are drawn at most. */
    public const MAX = 48;

    /** @return array<string, true> the axes along which some cue changes states */
    public static function axes(Tree $tree): array
    {
        return self::known()[$tree] ??= self::found($tree);
    }

    /**
     * The states in which an instance may come to be shown, by axis, those in which it starts first; none where it stays as it is.
     *
     * @param  array<string, true>  $axes  along which some cue changes states
     * @return list<array<string, string>>
     */
    public static function variants(Component $component, Layer $instance, array $axes): array
    {
        $states = $instance->content instanceof Instance ? $instance->content->states : [];
        $variants = [self::start($component, $states)];
        foreach ($component->axes as $axis) {
            if (! isset($axes[$axis->id])) {
                continue;
            }
            $more = [];
            foreach ($variants as $one) {
                foreach ($axis->states as $state) {
                    $more[] = [...$one, $axis->id => $state->id];
                }
            }
            $variants = $more;
        }
        $start = self::start($component, $states);
        usort($variants, fn (array $a, array $b): int => ($a === $start ? 0 : 1) <=> ($b === $start ? 0 : 1));

        return count($variants) < 2 ? [] : array_slice($variants, 0, self::MAX);
    }

    /**
     * The state along every axis.
     *
     * @param  array<string, string>  $states  those that are chosen
     * @return array<string, string>
     */
    public static function start(Component $component, array $states): array
    {
        $start = [];
        foreach ($component->axes as $axis) {
            $start[$axis->id] = $axis->state($states[$axis->id] ?? '')->id ?? $axis->state0()->id ?? '';
        }

        return $start;
    }

    /**
     * States as pictures and programmes name them: `axis:state axis:state`.
     *
     * @param  array<string, string>  $states  by axis
     */
    public static function said(array $states): string
    {
        return implode(' ', array_map(fn (string $axis, string $state): string => "{$axis}:{$state}", array_keys($states), $states));
    }

    /** @return array<string, true> */
    private static function found(Tree $tree): array
    {
        $axes = [];
        foreach ($tree->layers as $layer) {
            foreach ($layer->cues as $cue) {
                foreach ($cue->acts() as $act) {
                    if ($act->action instanceof ChangeState) {
                        $axes[$act->action->axis] = true;
                    }
                }
            }
        }

        return $axes;
    }

    /** @return \WeakMap<Tree, array<string, true>> */
    private static function known(): \WeakMap
    {
        /** @var \WeakMap<Tree, array<string, true>>|null $known */
        static $known = null;

        return $known ??= new \WeakMap; // @phpstan-ignore return.type (a new map is of any type)
    }
}
