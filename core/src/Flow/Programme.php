<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Device\Catalogue;
use Kindred\Document\Address;
use Kindred\Document\Component\Departure;
use Kindred\Document\Component\Turning;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\Trigger;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Departures;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Layout\LaysOut;
use Kindred\Motion\TransitionPlan;
use Kindred\Signal\Pattern;
use Kindred\Signal\Template;
use Kindred\Signal\Writing;

/**
 * The table that a rehearsal runs, compiled from screens and cues; `docs/format.md` documents it.
 *
 * `taps` gives for each layer, however deep in a group, the cue that a tap on it sets off;
 * cues of hidden layers and cues to screens that are gone are left out. `words` holds, for all words with placeholders in them,
 * what they are put together from.
 *
 * @phpstan-import-type Placeholder from Template
 * @phpstan-import-type Compiled from Pattern
 * @phpstan-import-type Shift from Shifts
 *
 * @phpstan-type Plan array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>}
 * @phpstan-type CueRow array{id: string, trigger: array{kind: string, delay?: int}, conditions: list<array{kind: string}>, actions: list<array{kind: string, screen?: string, axis?: string, state?: string|null}>, plan: Plan|null, inverse: Plan|null, turns?: list<string>}
 * @phpstan-type State array{id: string, name: string, width: float, height: float, view: float, corner: int, pointing: string, taps: array<string, int>, delays: list<int>, widgets: list<string>}
 * @phpstan-type Rule array{kind: string, says: string, pattern?: string, min?: float, max?: float, to?: string}
 * @phpstan-type SignalRow array{kind: string, start: bool|int|float|string|list<int>|null, month: int|null, min: float, max: float, step: float, labels: list<string>, parts: array<string, list<string>>}
 * @phpstan-type WidgetRow array{signal: string, rules: list<Rule>}
 * @phpstan-type Table array{programme: int, entry: string|null, states: list<State>, cues: list<CueRow>, signals: array<string, SignalRow>, widgets: array<string, WidgetRow>, words: array<string, list<string|Placeholder>>, axes: array<string, list<string>>, turns: array<string, array<string, string>>, shifts: array<string, array<string, array<string, Shift>>>, patterns: array{number: string, day: Compiled, month: Compiled}}
 */
final class Programme
{
    public const VERSION = 5;

    /** @var list<CueRow> */
    private array $cues = [];

    private readonly Signals $signals;

    private function __construct(private readonly Tree $tree)
    {
        $this->signals = new Signals($tree);
    }

    /**
     * @param  LaysOut|null  $layout  by which what lies around instances follows their states; null where only the flow is of interest
     * @return Table
     */
    public static function compile(Tree $tree, ?LaysOut $layout = null): array
    {
        $self = new self($tree);
        $states = array_map($self->state(...), $tree->reel());
        $entry = $tree->project->entry;

        return [
            'programme' => self::VERSION,
            'entry' => $entry !== null && isset($tree->screens[$entry]) ? $entry : ($states[0]['id'] ?? null),
            'states' => $states,
            'cues' => $self->cues,
            'signals' => $self->signalRows(),
            'widgets' => $self->widgetRows(),
            'words' => $self->words(),
            'axes' => $self->axes(),
            'turns' => $self->turns(),
            'shifts' => $layout === null ? [] : Shifts::of($tree, $layout),
            'patterns' => ['number' => Writing::NUMBER, 'day' => Pattern::compile(Pattern::DAY), 'month' => Pattern::compile('MMMM y')],
        ];
    }

    /** @return array<string, SignalRow> */
    private function signalRows(): array
    {
        $rows = [];
        foreach ($this->signals->of as $key => $name) {
            $rows[$name] ??= SignalRows::row($this->signals->widgets[$key], $this->signals->kinds[$name]);
        }

        return $rows;
    }

    /** @return array<string, WidgetRow> */
    private function widgetRows(): array
    {
        $rows = [];
        foreach ($this->signals->of as $key => $name) {
            $rows[$key] = ['signal' => $name, 'rules' => SignalRows::rules($this->signals->widgets[$key], $this->signals)];
        }

        return $rows;
    }

    /** @return array<string, list<string|Placeholder>> */
    private function words(): array
    {
        $words = [];
        $departing = array_merge([], ...array_map(fn (Screen $sheet): array => array_merge([], ...array_map(fn (Departure $one): array => Departures::words($one->layers), $sheet->component->departures ?? [])), $this->tree->sheets()));
        $shown = array_map(fn (Layer $layer): array => $layer->screen === null ? [] : self::wordsOf($layer->content), array_values($this->tree->layers));
        foreach ([$departing, ...$shown] as $said) {
            foreach ($said as $one) {
                $compiled = Template::hasPlaceholders($one) ? Template::compile($one, $this->signals->kinds) : null;
                if ($compiled !== null) {
                    $words[$one] = $compiled;
                }
            }
        }

        return $words;
    }

    /** @return list<string> the words that something shows, as the renderer puts them */
    private static function wordsOf(LayerContent $content): array
    {
        $plain = fn (string $words): string => (string) preg_replace('/\s+/u', ' ', $words);

        return match (true) {
            $content instanceof Text => [$content->words],
            $content instanceof Expanding => $content->words(),
            $content instanceof Widget => [
                $content->label, $content->hint, $content->text, ...array_map($plain, [
                    $content->label, $content->hint, $content->text, ...$content->columns,
                    ...array_merge([], ...array_map(fn (Item $item): array => [$item->label, ...$item->cells, $item->key], $content->items)),
                ]),
            ],
            default => [],
        };
    }

    /** @return State */
    private function state(Screen $screen): array
    {
        $taps = [];
        $delays = $this->rows($screen->cues, Delay::class);
        $hidden = [];
        $seen = [];
        foreach ($this->tree->layersOf($screen->id) as $layer) {
            if ($layer->hidden || isset($hidden[$layer->parent ?? ''])) {
                $hidden[$layer->id] = true;
            } else {
                $seen[] = $layer;
            }
        }
        array_push($delays, ...$this->delaysInside($screen, $seen));
        // What instances show, however often, does the same in each; whether it is hidden there only the picture says.
        foreach ([...$seen, ...array_merge([], ...array_values($this->tree->components($seen)))] as $layer) {
            array_push($delays, ...$this->tree->component($layer->screen) !== null ? [] : $this->rows($layer->cues, Delay::class, $layer->component() === null ? [] : [$layer->id]));
            $tap = $this->tap($layer) ?? $taps[$layer->parent ?? ''] ?? null;
            if ($tap !== null) {
                $taps[$layer->id] = $tap;
            }
        }
        $device = Catalogue::for($screen->device, $screen->box->width, $screen->view);

        return [
            'id' => $screen->id,
            'name' => $screen->name,
            'width' => $screen->box->width,
            'height' => $screen->box->height,
            'view' => min($screen->view, $screen->box->height),
            'corner' => $device->corner,
            'pointing' => $device->pointing->value,
            'taps' => $taps,
            'delays' => $delays,
            'widgets' => $this->signals->on[$screen->id] ?? [],
        ];
    }

    /**
     * Cues with a delay in what instances show: those that lead somewhere once, those that change states for each instance.
     *
     * @param  list<Layer>  $seen  the layers of a screen
     * @return list<int>
     */
    private function delaysInside(Screen $screen, array $seen): array
    {
        $rows = [];
        foreach (array_merge([], ...array_values($this->tree->components($seen))) as $layer) {
            $delayed = array_values(array_filter($layer->cues, fn (Cue $cue): bool => $cue->trigger instanceof Delay));
            $turning = array_values(array_filter($delayed, fn (Cue $cue): bool => $cue->action instanceof ChangeState));
            array_push($rows, ...$this->rows(array_values(array_udiff($delayed, $turning, fn (Cue $a, Cue $b): int => strcmp($a->id, $b->id))), Delay::class));
            foreach ($turning === [] ? [] : $this->tree->addresses($layer) as $address) {
                if (($this->tree->showing($address)[0] ?? null)?->screen === $screen->id) {
                    array_push($rows, ...$this->rows($turning, Delay::class, $this->around($address)));
                }
            }
        }

        return $rows;
    }

    /** @return list<string> the instances in which an address lies, the innermost first, as they are called */
    private function around(Address $address): array
    {
        $found = [];
        foreach ($this->tree->showing($address) ?? [] as $i => $around) {
            if ($around->component() !== null) {
                array_unshift($found, (string) new Address($around->id, array_slice($address->copies, 0, $i)));
            }
        }

        return $found;
    }

    /** @return array<string, list<string>> the states of each axis along which some cue changes them, in their order */
    private function axes(): array
    {
        $axes = [];
        foreach ($this->tree->sheets() as $sheet) {
            foreach ($sheet->component->axes ?? [] as $axis) {
                if (isset(Turning::axes($this->tree)[$axis->id])) {
                    $axes[$axis->id] = array_column($axis->states, 'id');
                }
            }
        }

        return $axes;
    }

    /** @return array<string, array<string, string>> the states in which instances start that can change them, by axis, by what they are called */
    private function turns(): array
    {
        $turns = [];
        $axes = Turning::axes($this->tree);
        foreach ($axes === [] ? [] : $this->tree->layers as $layer) {
            foreach ($layer->component() === null ? [] : $this->tree->addresses($layer) as $address) {
                $screen = ($this->tree->showing($address)[0] ?? $layer)->screen;
                $there = $screen !== null && ($this->tree->screens[$screen] ?? null)?->isPlayed() === true ? Filling::at($this->tree, $address)->layer($layer->id)->content : null;
                $component = $there instanceof Instance ? $this->tree->component($there->component) : null;
                $own = $there instanceof Instance && $component !== null ? array_intersect_key(Turning::start($component, $there->states), $axes) : [];
                $turns += $own === [] ? [] : [(string) $address => $own];
            }
        }

        return $turns;
    }

    /** The first tap cue of a layer that leads somewhere. */
    private function tap(Layer $layer): ?int
    {
        return $this->rows($layer->cues, Tap::class)[0] ?? null;
    }

    /**
     * @param  list<Cue>  $cues
     * @param  class-string<Trigger>  $trigger
     * @param  list<string>  $turns  the instances whose states they may change, the innermost first, where what sets them off does not say it
     * @return list<int> the rows that the cues with this trigger were given
     */
    private function rows(array $cues, string $trigger, array $turns = []): array
    {
        $rows = [];
        foreach ($cues as $cue) {
            $target = $cue->action->target();
            if ($cue->trigger instanceof $trigger && ($target === null || isset($this->tree->screens[$target]))) {
                $this->cues[] = $this->row($cue) + ($turns === [] ? [] : ['turns' => $turns]);
                $rows[] = count($this->cues) - 1;
            }
        }

        return $rows;
    }

    /** @return CueRow */
    private function row(Cue $cue): array
    {
        $plan = fn (?Transition $transition): ?array => $transition === null ? null : TransitionPlan::of($transition)->toArray();

        /** @var array{delay?: int} $trigger */
        $trigger = $cue->trigger->toArray();
        /** @var array{screen?: string, axis?: string, state?: string|null} $action */
        $action = $cue->action->toArray();

        return [
            'id' => $cue->id,
            'trigger' => ['kind' => $cue->trigger::kind()] + $trigger,
            'conditions' => $cue->checks ? [['kind' => 'fields']] : [],
            'actions' => [['kind' => $cue->action::kind()] + $action],
            'plan' => $plan($cue->transition),
            'inverse' => $plan($cue->transition?->inverse()),
        ];
    }
}
