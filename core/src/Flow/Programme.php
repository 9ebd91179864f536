<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Device\Catalogue;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\Trigger;
use Kindred\Document\Cue\Trigger\Delay;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
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
 *
 * @phpstan-type Plan array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>}
 * @phpstan-type CueRow array{id: string, trigger: array{kind: string, delay?: int}, conditions: list<array{kind: string}>, actions: list<array{kind: string, screen?: string}>, plan: Plan|null, inverse: Plan|null}
 * @phpstan-type State array{id: string, name: string, width: float, height: float, view: float, corner: int, pointing: string, taps: array<string, int>, delays: list<int>, widgets: list<string>}
 * @phpstan-type Rule array{kind: string, says: string, pattern?: string, min?: float, max?: float, to?: string}
 * @phpstan-type SignalRow array{kind: string, start: bool|int|float|string|list<int>|null, month: int|null, min: float, max: float, step: float, labels: list<string>, parts: array<string, list<string>>}
 * @phpstan-type WidgetRow array{signal: string, rules: list<Rule>}
 * @phpstan-type Table array{programme: int, entry: string|null, states: list<State>, cues: list<CueRow>, signals: array<string, SignalRow>, widgets: array<string, WidgetRow>, words: array<string, list<string|Placeholder>>, patterns: array{number: string, day: Compiled, month: Compiled}}
 */
final class Programme
{
    public const VERSION = 3;

    /** @var list<CueRow> */
    private array $cues = [];

    private readonly Signals $signals;

    private function __construct(private readonly Tree $tree)
    {
        $this->signals = new Signals($tree);
    }

    /** @return Table */
    public static function compile(Tree $tree): array
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
        foreach ($this->tree->layers as $layer) {
            foreach ($layer->screen === null ? [] : self::wordsOf($layer->content) as $one) {
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
        foreach ($this->tree->layersOf($screen->id) as $layer) {
            if ($layer->hidden || isset($hidden[$layer->parent ?? ''])) {
                $hidden[$layer->id] = true;

                continue;
            }
            array_push($delays, ...$this->rows($layer->cues, Delay::class));
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

    /** The first tap cue of a layer that leads somewhere. */
    private function tap(Layer $layer): ?int
    {
        return $this->rows($layer->cues, Tap::class)[0] ?? null;
    }

    /**
     * @param  list<Cue>  $cues
     * @param  class-string<Trigger>  $trigger
     * @return list<int> the rows that the cues with this trigger were given
     */
    private function rows(array $cues, string $trigger): array
    {
        $rows = [];
        foreach ($cues as $cue) {
            $target = $cue->action->target();
            if ($cue->trigger instanceof $trigger && ($target === null || isset($this->tree->screens[$target]))) {
                $this->cues[] = $this->row($cue);
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
        /** @var array{screen?: string} $action */
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
