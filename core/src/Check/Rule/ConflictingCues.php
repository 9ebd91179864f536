<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Trigger\Drag;
use Kindred\Document\Cue\Trigger\Swipe;

/** Of several cues for the same thing each can happen. */
final class ConflictingCues implements OnScreen
{
    public static function key(): string
    {
        return 'conflicting-cues';
    }

    public static function label(): string
    {
        return 'cues that keep others from happening';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'The rules by which a press becomes one thing: the first cue that shows a screen is the last';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $told = [];
        foreach (self::conflicts($scene->screen->cues) as [$cue, $reason]) {
            yield Finding::ofScreen(self::class, $scene->screen->id, "{$scene->screen->id} {$cue}", "Of “{$scene->screen->name}” {$reason}", new Fix('Remove the one that never happens', [['type' => 'remove-cue', 'screen' => $scene->screen->id, 'cue' => $cue]]));
        }
        foreach ($scene->seen as $one) {
            $kept = $scene->tree->layers[$one->address->layer] ?? null;
            if ($kept === null || isset($told[$kept->id])) {
                continue;
            }
            foreach (self::conflicts($one->layer->cues) as [$cue, $reason]) {
                $told[$kept->id] = true;
                yield Finding::of(self::class, $scene->screen->id, "Of {$one->called()} {$reason}", [$one->address], new Fix('Remove the one that never happens', [['type' => 'remove-cue', 'screen' => $kept->screen ?? $scene->screen->id, 'layer' => $kept->id, 'cue' => $cue]]));
            }
        }
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<array{string, string}> the cue that never happens, and why
     */
    private static function conflicts(array $cues): array
    {
        $conflicts = [];
        foreach ($cues as $i => $cue) {
            foreach (array_slice($cues, 0, $i) as $before) {
                $same = self::sign($before) === self::sign($cue);
                // What is of one entry of a widget is not set off by another.
                if ($before->entry !== $cue->entry) {
                    continue;
                }
                $dragged = $before->trigger instanceof Drag && $cue->trigger instanceof Swipe && $before->trigger->direction === $cue->trigger->direction
                    || $before->trigger instanceof Swipe && $cue->trigger instanceof Drag && $before->trigger->direction === $cue->trigger->direction;
                if ($dragged) {
                    $conflicts[] = [($cue->trigger instanceof Swipe ? $cue : $before)->id, "a swipe {$cue->trigger->direction->value} never happens: a drag that way takes it."];
                } elseif ($same && self::ends($before) && self::moves($cue->acts())) {
                    $conflicts[] = [$cue->id, 'two cues wait for the same ('.lcfirst($cue->trigger::label()).'), and the first has always shown another screen by then.'];
                }
            }
        }

        return $conflicts;
    }

    /** What a cue waits for. */
    private static function sign(Cue $cue): string
    {
        return (string) json_encode(['kind' => $cue->trigger::kind()] + $cue->trigger->toArray());
    }

    /** Whether another screen is shown by it in any case. */
    private static function ends(Cue $cue): bool
    {
        return $cue->conditions === [] && self::moves($cue->actions);
    }

    /** @param  list<Act>  $acts */
    private static function moves(array $acts): bool
    {
        return array_filter($acts, fn (Act $act): bool => $act->action::moves() && ! $act->action instanceof ChangeState) !== [];
    }
}
