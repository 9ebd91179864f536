<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Across;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Scene;
use Kindred\Document\Address;
use Kindred\Document\Cue\Comparison;
use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Geometry\Number;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Signal\Kind;

/** A condition of a cue can hold: something gives the value, and it can be what is asked for. */
final class ImpossibleCondition implements Across
{
    private const GIVES = 'gives';

    private const ASKS = 'asks';

    public static function key(): string
    {
        return 'impossible-condition';
    }

    public static function label(): string
    {
        return 'conditions that can never hold';
    }

    public static function group(): Group
    {
        return Group::Flow;
    }

    public static function source(): string
    {
        return 'What never happens need not be drawn, and what has to happen must be able to';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function facts(Scene $scene): array
    {
        $facts = self::asked($scene, new Address(''), $scene->screen->name, $scene->screen->id, $scene->screen->cues);
        foreach ([...$scene->seen, ...$scene->away] as $one) {
            $content = $one->layer->content instanceof Widget ? Kit::paged($one->layer->content) : $one->layer->content;
            $kind = $content instanceof Widget ? Kit::find($content->widget) : null;
            if ($content instanceof Widget && $kind instanceof Interactive) {
                $signal = $kind->signal();
                $facts[] = new Fact($scene->screen->id, $scene->screen->name, $one->address, self::GIVES, '', $one->layer->name, [
                    'name' => $content->signal === '' ? Kit::made($one->layer) : $content->signal, 'kind' => $signal->value, 'min' => $content->min, 'max' => $content->max,
                    'labels' => $signal->hasItems() ? implode("\n", array_map(fn (Item $item): string => trim($item->label), $content->items)) : '',
                ]);
            }
            $kept = ($scene->tree->layers[$one->address->layer] ?? null)->screen ?? $scene->screen->id;
            array_push($facts, ...self::asked($scene, $one->address, $one->called(), $kept, $one->layer->cues));
        }

        return $facts;
    }

    public static function among(array $facts): iterable
    {
        $given = $asked = [];
        foreach ($facts as $fact) {
            if ($fact->about === self::GIVES) {
                $given[$fact->text('name')][] = $fact;
            } else {
                $asked[] = $fact;
            }
        }
        foreach ($asked as $fact) {
            // Of several that would be called the same all but the first are counted.
            $gives = $given[$fact->text('signal')] ?? $given[preg_replace('/_\d+$/D', '', $fact->text('signal'))] ?? [];
            $why = $fact->text('against') !== '' ? $fact->text('against') : self::problem($fact, $gives);
            if ($why !== null) {
                $on = ['screen' => $fact->text('kept'), 'layer' => $fact->place->layer === '' ? null : $fact->place->layer, 'cue' => $fact->text('cue')];
                $fix = $fact->text('path') === '' ? new Fix('Remove the cue', [['type' => 'remove-cue', ...$on]]) : new Fix('Remove the condition', [['type' => 'set-cue-field', ...$on, 'field' => $fact->text('path'), 'value' => '']]);
                $reason = "{$fact->called} waits for what can never be: {$why}.";
                yield $fact->place->layer === '' ? Finding::ofScreen(self::class, $fact->screen, "{$fact->screen} {$fact->text('cue')}", $reason, $fix) : Finding::of(self::class, $fact->screen, $reason, [$fact->place], $fix);
            }
        }
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Fact>
     */
    private static function asked(Scene $scene, Address $place, string $called, string $kept, array $cues): array
    {
        $facts = [];
        $asks = function (string $path, Cue $cue, SignalIs $is, string $against) use ($scene, $place, $called, $kept, &$facts): void {
            $facts[] = new Fact($scene->screen->id, $scene->screen->name, $place, self::ASKS, '', $called, [
                'signal' => $is->signal, 'compare' => $is->compare->value, 'value' => $is->to === '' && $is->part === '' ? trim($is->value) : '', 'part' => $is->part.$is->to, 'cue' => $cue->id, 'path' => $path, 'kept' => $kept, 'against' => $against,
            ]);
        };
        foreach ($cues as $cue) {
            foreach ($cue->conditions as $i => $premise) {
                $is = $premise->condition;
                if ($is instanceof SignalIs) {
                    $asks("conditions.{$i}.kind", $cue, $is, self::against($cue->conditions, $i, $is));
                } elseif ($is instanceof StateIs && $is->instance !== null && self::isGone($scene->tree, $is->instance, $is)) {
                    $asks("conditions.{$i}.kind", $cue, new SignalIs(''), 'the state that it asks for is gone');
                }
            }
            if ($cue->trigger instanceof Reaching) {
                $asks('', $cue, $cue->trigger->reaches, '');
            }
        }

        return $facts;
    }

    /** Whether an instance has no such state any more. */
    private static function isGone(Tree $tree, string $instance, StateIs $is): bool
    {
        return $tree->component(($tree->layers[$instance] ?? null)?->component())?->axis($is->axis)?->state($is->state) === null;
    }

    /**
     * Of two that have to hold at once one asks for this and one for that.
     *
     * @param  list<Premise>  $premises
     */
    private static function against(array $premises, int $at, SignalIs $is): string
    {
        for ($i = $at; $i > 0 && ! $premises[$i]->or; $i--) {
            $other = $premises[$i - 1]->condition;
            if (! $other instanceof SignalIs || $other->signal !== $is->signal || $other->part !== $is->part || $other->to !== '' || $is->to !== '') {
                continue;
            }
            if ($other->compare === Comparison::Is && $is->compare === Comparison::Is && trim($other->value) !== trim($is->value)) {
                return "“{$is->signal}” is either “{$other->value}” or “{$is->value}”";
            }
            if (self::excludes($other, $is) || self::excludes($is, $other)) {
                return "“{$is->signal}” never {$other->compare->label()} {$other->value} and {$is->compare->label()} {$is->value} at once";
            }
        }

        return '';
    }

    /** Whether what is as large as the one asks for is never as small as the other does. */
    private static function excludes(SignalIs $low, SignalIs $high): bool
    {
        if (! is_numeric(trim($low->value)) || ! is_numeric(trim($high->value))) {
            return $low->compare === Comparison::Filled && $high->compare === Comparison::Empty;
        }
        [$from, $to] = [(float) $low->value, (float) $high->value];
        $isFloor = in_array($low->compare, [Comparison::Over, Comparison::AtLeast, Comparison::Is], true);
        $isCeiling = in_array($high->compare, [Comparison::Under, Comparison::AtMost, Comparison::Is], true);
        // Both may be equal only where both may.
        $meets = $low->compare !== Comparison::Over && $high->compare !== Comparison::Under;

        return $isFloor && $isCeiling && ($from > $to || ($from === $to && ! $meets));
    }

    /** @param  list<Fact>  $gives  what gives the value */
    private static function problem(Fact $asks, array $gives): ?string
    {
        $name = $asks->text('signal');
        if ($gives === []) {
            return in_array($name, ['today', 'serial'], true) ? null : ($name === '' ? 'no value is chosen' : "nothing gives “{$name}”");
        }
        $gives = $gives[0];
        if ($asks->text('part') !== '') {
            return null;
        }
        $value = $asks->text('value');
        $labels = $gives->text('labels') === '' ? [] : explode("\n", $gives->text('labels'));
        if ($asks->text('compare') === Comparison::Is->value && $gives->text('kind') === Kind::One->value && $value !== '' && ! in_array($value, $labels, true)) {
            return "“{$gives->called}” has no “{$value}”";
        }
        if ($asks->text('compare') === Comparison::Is->value && $gives->text('kind') === Kind::On->value && $value !== '' && ! in_array(mb_strtolower($value), ['on', 'off', 'yes', 'no', 'true', 'false', '1', '0'], true)) {
            return "“{$gives->called}” is on or off";
        }
        if ($gives->text('kind') !== Kind::Number->value || ! is_numeric($value)) {
            return null;
        }
        [$min, $max, $number] = [$gives->number('min'), $gives->number('max'), (float) $value];
        $never = match (Comparison::tryFrom($asks->text('compare'))) {
            Comparison::Over => $number >= $max,
            Comparison::AtLeast => $number > $max,
            Comparison::Under => $number <= $min,
            Comparison::AtMost => $number < $min,
            Comparison::Is => $number < $min || $number > $max,
            default => false,
        };

        return $never ? "“{$gives->called}” goes from ".Number::text($min).' to '.Number::text($max) : null;
    }
}
