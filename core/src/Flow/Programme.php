<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Device\Catalogue;
use Kindred\Document\Address;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\StateOverrides;
use Kindred\Document\Component\Turning;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Overlay;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Kit\Kit;
use Kindred\Layout\LaysOut;
use Kindred\Motion\Match\Flights;
use Kindred\Motion\Match\StateFlights;
use Kindred\Motion\TransitionPlan;
use Kindred\Signal\Pattern;
use Kindred\Signal\Template;
use Kindred\Signal\Writing;

/**
 * The table that a rehearsal runs, compiled from screens and cues; `docs/format.md` documents it.
 *
 * `cues` of a state gives for each layer those that somebody sets off at it; cues of hidden layers and cues
 * to screens that are gone are left out. `words` holds, for all words with placeholders in them,
 * what they are put together from.
 *
 * @phpstan-import-type Placeholder from Template
 * @phpstan-import-type Compiled from Pattern
 * @phpstan-import-type Shift from Shifts
 * @phpstan-import-type CueRow from CueRows
 * @phpstan-import-type Flight from Flights
 *
 * @phpstan-type Plan array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>, match?: string, backward?: bool}
 * @phpstan-type Over array{place: string, x: float, y: float, across: string, down: string, margin: float, scrim: string, blur: float, outside: bool, dragged: bool, away: string, reach: float, plan: Plan, inverse: Plan}
 * @phpstan-type State array{id: string, name: string, width: float, height: float, view: float, corner: int, pointing: string, cues: array<string, list<int>>, waits: list<int>, widgets: list<string>, over: Over}
 * @phpstan-type Rule array{kind: string, says: string, pattern?: string, min?: float, max?: float, to?: string}
 * @phpstan-type SignalRow array{kind: string, start: bool|int|float|string|list<int>|null, month: int|null, min: float, max: float, step: float, labels: list<string>, parts: array<string, list<string>>}
 * @phpstan-type WidgetRow array{signal: string, rules: list<Rule>}
 * @phpstan-type Table array{programme: int, entry: string|null, states: list<State>, cues: list<CueRow>, signals: array<string, SignalRow>, widgets: array<string, WidgetRow>, words: array<string, list<string|Placeholder>>, axes: array<string, list<string>>, turns: array<string, array<string, string>>, shifts: array<string, array<string, array<string, Shift>>>, pressing: array<string, float>, matches: array<string, array<string, Flight>>, becomes: array{flights: list<Flight>, of: array<string, array<string, int>>, widgets: array<string, list<array{int, int, int}>>, plan: Plan|null}, patterns: array{number: string, day: Compiled, month: Compiled}}
 */
final class Programme
{
    public const VERSION = 8;

    /** Copies of one layer from which a match is worked out by itself; from others it goes out as from the first that lies near. */
    private const COPIES = 40;

    /** @var list<CueRow> */
    private array $cues = [];

    private readonly Signals $signals;

    private readonly CueRows $rowOf;

    /** @var list<array{Screen, Act, Layer|null}> what cues on each screen do, and of which layer */
    private array $acts = [];

    /** @var array<string, true> the axes along which instances change their states, or of whose states something depends */
    private readonly array $axes;

    private function __construct(private readonly Tree $tree)
    {
        $this->signals = new Signals($tree);
        $this->rowOf = new CueRows($tree, $this->signals);
        $this->axes = Turning::axes($tree) + CueRows::axes($tree);
    }

    /**
     * @param  LaysOut|null  $layout  by which what lies around instances follows their states; null where only the flow is of interest
     * @param  Flights|null  $flights  by which a match and states carry layers over; null where it is not seen
     * @return Table
     */
    public static function compile(Tree $tree, ?LaysOut $layout = null, ?Flights $flights = null): array
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
            'pressing' => Pressing::rules(),
            'shifts' => $layout === null ? [] : Shifts::of($tree, $layout),
            'matches' => $flights === null ? [] : $self->matches($flights),
            'becomes' => $flights === null ? ['flights' => [], 'of' => [], 'widgets' => [], 'plan' => null]
                : StateFlights::of($tree, $flights, $self->instances(), $self->signals->on) + ['plan' => StateFlights::plan()->toArray()],
            'patterns' => ['number' => Writing::NUMBER, 'day' => Pattern::compile(Pattern::DAY), 'month' => Pattern::compile('MMMM y')],
        ];
    }

    /** @return array<string, array<string, Flight>> by what a plan says of its match, by both screens as `from>to`, from a copy that is pressed as `from>to@layer.copy` */
    private function matches(Flights $flights): array
    {
        $found = [];
        $brought = [];
        foreach ($this->acts as [$from, $act]) {
            $brought[$act->target() ?? ''][$from->id] = $from->id;
        }
        foreach ($this->acts as [$from, $act, $layer]) {
            $key = $act->transition === null ? null : TransitionPlan::matching($act->transition);
            $action = $act->action;
            $targets = match (true) {
                $key === null => [],
                $action instanceof GoBack => $action->to === null ? $brought[$from->id] ?? [] : [$action->to],
                default => [$act->target()],
            };
            foreach ($targets as $target) {
                $to = $this->tree->screens[$target ?? ''] ?? null;
                if ($to !== null && $to->id !== $from->id && $act->transition !== null) {
                    $found[(string) $key]["{$from->id}>{$to->id}"] ??= $flights->of($this->tree, $from, $to, $act->transition);
                    foreach ($layer === null ? [] : array_slice($this->copiesOn($from, $layer), 0, self::COPIES) as $pressed) {
                        $found[(string) $key]["{$from->id}>{$to->id}@{$pressed}"] ??= $flights->of($this->tree, $from, $to, $act->transition, $pressed);
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<Address> where a screen shows a layer in copies */
    private function copiesOn(Screen $screen, Layer $layer): array
    {
        return array_values(array_filter($this->tree->addresses($layer), fn (Address $one): bool => $one->copies !== [] && ($this->tree->showing($one)[0] ?? null)?->screen === $screen->id));
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
        $inStates = array_merge([], ...array_map(fn (Screen $sheet): array => array_merge([], ...array_map(fn (StateOverrides $one): array => OverrideValues::words($one->layers), $sheet->component->overrides ?? [])), $this->tree->sheets()));
        $shown = array_map(fn (Layer $layer): array => $layer->screen === null ? [] : Kit::wordsOf($layer->content), array_values($this->tree->layers));
        foreach ([$inStates, ...$shown] as $said) {
            foreach ($said as $one) {
                $compiled = Template::hasPlaceholders($one) ? Template::compile($one, $this->signals->kinds) : null;
                if ($compiled !== null) {
                    $words[$one] = $compiled;
                }
            }
        }

        return $words;
    }

    /** @return State */
    private function state(Screen $screen): array
    {
        $hidden = [];
        $seen = [];
        foreach ($this->tree->layersOf($screen->id) as $layer) {
            if ($layer->hidden || isset($hidden[$layer->parent ?? ''])) {
                $hidden[$layer->id] = true;
            } else {
                $seen[] = $layer;
            }
        }
        [$cues, $waits] = [[], $this->rows($screen->cues, false)];
        $own = $this->rows($screen->cues, true);
        if ($own !== []) {
            $cues[''] = $own;
        }
        // What instances show, however often, does the same in each; whether it is hidden there only the picture says.
        $shown = [...$seen, ...array_merge([], ...array_values($this->tree->components($seen)))];
        foreach ([$screen, ...$shown] as $one) {
            foreach ($one->cues as $cue) {
                array_push($this->acts, ...array_map(fn (Act $act): array => [$screen, $act, $one instanceof Layer ? $one : null], $cue->acts()));
            }
        }
        foreach ($shown as $layer) {
            $inside = $this->tree->component($layer->screen) !== null;
            array_push($waits, ...$inside ? $this->waitsInside($screen, $layer) : $this->rows($layer->cues, false, $layer->component() === null ? [] : [$layer->id]));
            foreach (self::byEntry($layer) as $key => $some) {
                $own = $this->rows($some, true);
                $cues += $own === [] ? [] : [$key => $own];
            }
        }
        $device = Catalogue::for($screen->device, $screen->box->width, $screen->view);
        $over = $screen->over ?? Overlay::usual();
        $away = $over->coming()->kind->directed() ? $over->coming()->direction->opposite() : Direction::Down;

        return [
            'id' => $screen->id,
            'name' => $screen->name,
            'width' => $screen->box->width,
            'height' => $screen->box->height,
            'view' => $screen->seen(),
            'corner' => $device->corner,
            'pointing' => $device->pointing->value,
            'cues' => $cues,
            'waits' => $waits,
            'widgets' => $this->signals->on[$screen->id] ?? [],
            'over' => [
                'place' => $over->place->value, 'x' => $over->x, 'y' => $over->y, 'across' => $over->width->value, 'down' => $over->height->value, 'margin' => $over->margin, 'scrim' => $over->scrim->toHex(), 'blur' => $over->blur, 'outside' => $over->outside, 'dragged' => $over->dragged, 'away' => $away->value, 'reach' => in_array($away, [Direction::Left, Direction::Right], true) ? $screen->box->width : $screen->seen(),
                'plan' => TransitionPlan::of($over->coming())->toArray(), 'inverse' => TransitionPlan::inverse($over->coming())->toArray(),
            ],
        ];
    }

    /** @return array<string, list<Cue>> the cues of a layer, and those of entries of its widget: `layer#1` for those of the second */
    private static function byEntry(Layer $layer): array
    {
        $items = $layer->content instanceof Widget ? array_map(fn (Item $item): string => $item->label, $layer->content->items) : [];
        $cues = [];
        foreach ($layer->cues as $cue) {
            $at = $cue->entry === '' ? null : array_search($cue->entry, $items, true);
            if ($at !== false) {
                $cues[$at === null ? $layer->id : "{$layer->id}#{$at}"][] = $cue;
            }
        }

        return $cues;
    }

    /**
     * What a layer that instances show waits for: cues that lead somewhere once, those about states for each instance.
     *
     * @return list<int>
     */
    private function waitsInside(Screen $screen, Layer $layer): array
    {
        $turning = array_values(array_filter($layer->cues, CueRows::isAboutItself(...)));
        $rows = $this->rows(array_values(array_filter($layer->cues, fn (Cue $cue): bool => ! CueRows::isAboutItself($cue))), false);
        foreach ($turning === [] ? [] : $this->tree->addresses($layer) as $address) {
            if (($this->tree->showing($address)[0] ?? null)?->screen === $screen->id) {
                array_push($rows, ...$this->rows($turning, false, $this->around($address)));
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

    /** @return array<string, list<string>> the states of each axis that some cue is about, in their order */
    private function axes(): array
    {
        $axes = [];
        foreach ($this->tree->sheets() as $sheet) {
            foreach ($sheet->component->axes ?? [] as $axis) {
                if (isset($this->axes[$axis->id])) {
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
        foreach ($this->instances() as [$address, , $component, $instance]) {
            $turns[(string) $address] ??= array_intersect_key(Turning::start($component, $instance->states), $this->axes);
        }

        return $turns;
    }

    /** @return \Generator<array{Address, Screen, Component, Instance}> all on screens that can change their states */
    private function instances(): \Generator
    {
        foreach ($this->axes === [] ? [] : $this->tree->layers as $layer) {
            foreach ($layer->component() === null ? [] : $this->tree->addresses($layer) as $address) {
                $screen = $this->tree->screens[($this->tree->showing($address)[0] ?? $layer)->screen ?? ''] ?? null;
                $there = $screen?->isPlayed() === true ? Filling::at($this->tree, $address)->layer($layer->id)->content : null;
                $component = $there instanceof Instance ? $this->tree->component($there->component) : null;
                if ($screen !== null && $there instanceof Instance && $component !== null && array_intersect_key(array_column($component->axes, 'id', 'id'), $this->axes) !== []) {
                    yield [$address, $screen, $component, $there];
                }
            }
        }
    }

    /**
     * @param  list<Cue>  $cues
     * @param  bool  $handled  whether those that somebody sets off at a layer, or those that happen by themselves, by keys or words
     * @param  list<string>  $turns  the instances whose states they may change, the innermost first, where what sets them off does not say it
     * @return list<int> the rows that the cues were given
     */
    private function rows(array $cues, bool $handled, array $turns = []): array
    {
        $rows = [];
        foreach ($cues as $cue) {
            $row = CueRows::isHandled($cue) === $handled ? $this->rowOf->row($cue) : null;
            if ($row !== null) {
                $this->cues[] = $row + ($turns === [] ? [] : ['turns' => $turns]);
                $rows[] = count($this->cues) - 1;
            }
        }

        return $rows;
    }
}
