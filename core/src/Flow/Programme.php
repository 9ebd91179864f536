<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Device\Catalogue;
use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\ActionKind;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TriggerKind;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Motion\TransitionPlan;

/**
 * The table that a rehearsal runs, compiled from screens and cues; `docs/format.md` documents it.
 *
 * `taps` gives for each layer, however deep in a group, the cue that a tap on it sets off;
 * cues of hidden layers and cues to screens that are gone are left out.
 *
 * @phpstan-type Plan array{duration: int, delay: int, easing: string, above: string, tracks: list<array{subject: string, property: string, times: list<float>, values: list<float>}>}
 * @phpstan-type CueRow array{id: string, trigger: array{kind: string, delay?: int}, conditions: list<never>, actions: list<array{kind: string, screen?: string}>, plan: Plan|null, inverse: Plan|null}
 * @phpstan-type State array{id: string, name: string, width: float, height: float, view: float, corner: int, pointing: string, taps: array<string, int>, delays: list<int>}
 * @phpstan-type Table array{programme: int, entry: string|null, states: list<State>, cues: list<CueRow>}
 */
final class Programme
{
    public const VERSION = 1;

    /** @var list<CueRow> */
    private array $cues = [];

    private function __construct(private readonly Tree $tree)
    {
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
        ];
    }

    /** @return State */
    private function state(Screen $screen): array
    {
        $taps = [];
        $delays = $this->rows($screen->cues, TriggerKind::Delay);
        $hidden = [];
        foreach ($this->tree->layersOf($screen->id) as $layer) {
            if ($layer->hidden || isset($hidden[$layer->parent ?? ''])) {
                $hidden[$layer->id] = true;

                continue;
            }
            array_push($delays, ...$this->rows($layer->cues, TriggerKind::Delay));
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
        ];
    }

    /** The first tap cue of a layer that leads somewhere. */
    private function tap(Layer $layer): ?int
    {
        return $this->rows($layer->cues, TriggerKind::Tap)[0] ?? null;
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<int> the rows that the cues with this trigger were given
     */
    private function rows(array $cues, TriggerKind $kind): array
    {
        $rows = [];
        foreach ($cues as $cue) {
            $lost = $cue->action->kind === ActionKind::Show && ! isset($this->tree->screens[(string) $cue->action->screen]);
            if ($cue->trigger->kind === $kind && ! $lost) {
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

        return [
            'id' => $cue->id,
            'trigger' => $cue->trigger->toArray(),
            'conditions' => [],
            'actions' => array_map(fn (Action $action): array => $action->toArray(), [$cue->action]),
            'plan' => $plan($cue->transition),
            'inverse' => $plan($cue->transition?->inverse()),
        ];
    }
}
