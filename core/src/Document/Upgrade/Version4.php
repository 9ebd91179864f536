<?php

declare(strict_types=1);

namespace Kindred\Document\Upgrade;

/** A cue does several things, each with a transition of its own, on conditions; until then it did one, and knew one condition. */
final class Version4 implements Step
{
    public static function layer(array $properties): array
    {
        return self::cued($properties);
    }

    /**
     * What has cues, a layer or a screen.
     *
     * @param  array<array-key, mixed>  $properties
     * @return array<array-key, mixed>
     */
    public static function cued(array $properties): array
    {
        if (is_array($properties['cues'] ?? null)) {
            $properties['cues'] = array_map(fn (mixed $cue): mixed => is_array($cue) ? self::cue($cue) : $cue, $properties['cues']);
        }

        return $properties;
    }

    /**
     * A cue as it is written now; one that is already stays as it is.
     *
     * @param  array<array-key, mixed>  $cue
     * @return array<array-key, mixed>
     */
    public static function cue(array $cue): array
    {
        if (! isset($cue['action'])) {
            return $cue;
        }
        $action = is_array($cue['action']) ? $cue['action'] : [];
        $conditions = ($cue['checks'] ?? false) === true ? ['conditions' => [['kind' => 'fields']]] : [];
        $cue += $conditions + ['actions' => [$action + ['transition' => $cue['transition'] ?? null]]];

        return array_diff_key($cue, ['action' => 1, 'transition' => 1, 'checks' => 1]);
    }

    /** A cue as it was written before, where that could say it; by it what was taken from a library then is known again. */
    public static function before(mixed $cue): mixed
    {
        $act = is_array($cue) && is_array($cue['actions'] ?? null) ? $cue['actions'][0] ?? null : null;
        if (! is_array($cue) || ! is_array($act)) {
            return $cue;
        }
        $cue += ['action' => array_diff_key($act, ['transition' => 1]), 'transition' => $act['transition'] ?? null] + (isset($cue['conditions']) ? ['checks' => true] : []);

        return array_diff_key($cue, ['conditions' => 1, 'actions' => 1, 'otherwise' => 1]);
    }
}
