<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Component\Axis;
use Kindred\Document\Component\Called;
use Kindred\Document\Component\Component;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Edit\CueField;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Flow\SignalRows;
use Kindred\Flow\Signals;
use Kindred\Signal\Kind;

/**
 * What the cues of a layer or a screen can be about. What only some cues need is looked for only where there are such.
 *
 * @phpstan-type Held array{label: string, kind: Kind, options: list<string>}
 */
final readonly class CueFacets
{
    public function __construct(private TreeLoader $store)
    {
    }

    /** @return array{signals: array<string, Held>, states: array<string, array<string, string>>, layers: array<string, string>, fields: array<string, string>} states by axis, as they are chosen */
    public function of(Project $project, Tree $tree, Layer|Screen $owner): array
    {
        $acts = array_merge([], ...array_map(fn (Cue $cue): array => $cue->acts(), $owner->cues));
        $premises = array_merge([], ...array_map(fn (Cue $cue): array => $cue->conditions, $owner->cues));
        $about = [...array_map(fn (Act $act): string => $act->action::class, $acts), ...array_map(fn (Premise $one): string => $one->condition::class, $premises), ...array_map(fn (Cue $cue): string => $cue->trigger::class, $owner->cues)];
        $from = $owner instanceof Screen ? $owner : $tree->screens[$owner->screen ?? ''] ?? null;
        $whole = $from !== null && array_intersect($about, [ChangeState::class, StateIs::class, ScrollTo::class, FocusField::class]) !== []
            ? $this->store->load($project, new WorkingSet(whole: [$from->id])) : null;
        $layers = $from === null ? [] : $whole?->layersOf($from->id) ?? [];

        return [
            'signals' => array_intersect($about, [SignalIs::class, Reaching::class, SetValue::class]) === [] ? [] : $this->signals($project),
            'states' => $from === null ? [] : self::states($whole ?? $tree, $whole !== null, $from, $owner instanceof Layer ? $owner : null),
            'layers' => array_column(array_map(fn (Layer $layer): array => [$layer->id, $layer->name], $layers), 1, 0),
            'fields' => array_column(array_map(fn (Layer $layer): array => [$layer->id, $layer->name], array_filter($layers, fn (Layer $layer): bool => $layer->content instanceof Widget)), 1, 0),
        ];
    }

    /**
     * The values that can tell at which of its layers a container stands that is scrolled: those that are one of several.
     *
     * @param  list<Layer>  $layers
     * @return array<string, string> labels by name; none where nothing of the selection is scrolled
     */
    public function pages(Project $project, array $layers): array
    {
        if (array_filter($layers, fn (Layer $layer): bool => $layer->scrolls()) === []) {
            return [];
        }
        $signals = new Signals($this->store->widgets($project));
        $ones = array_filter($signals->kinds, fn (Kind $kind): bool => $kind === Kind::One);

        return array_combine(array_keys($ones), array_map($signals->label(...), array_keys($ones)));
    }

    /** @return array<string, Held> by what is read: the signal, or a part of it after a point */
    private function signals(Project $project): array
    {
        $signals = new Signals($this->store->widgets($project));
        $all = [];
        foreach ($signals->of as $key => $name) {
            $row = SignalRows::row($signals->widgets[$key], $signals->kinds[$name]);
            $all[$name] ??= ['label' => $signals->label($name), 'kind' => $signals->kinds[$name], 'options' => $row['labels']];
            foreach ($signals->kinds[$name]->hasItems() ? [...array_keys($row['parts']), 'count'] : [] as $part) {
                $all["{$name}.{$part}"] ??= ['label' => $signals->label($name).': '.str_replace('_', ' ', $part), 'kind' => $part === 'count' || $part === 'value' ? Kind::Number : Kind::Text, 'options' => []];
            }
        }

        return $all + ['today' => ['label' => 'today', 'kind' => Kind::Date, 'options' => []], 'serial' => ['label' => 'a number made for each rehearsal', 'kind' => Kind::Number, 'options' => []]];
    }

    /**
     * @param  bool  $whole  whether all layers of the screen are known
     * @return array<string, array<string, string>> by axis, as `CueField` takes them
     */
    private static function states(Tree $tree, bool $whole, Screen $from, ?Layer $of): array
    {
        $own = CueField::changing($tree, $from, $of);
        $states = $own === null ? [] : self::statesOf($own, '', '');
        foreach ($whole ? CueField::instances($tree, $from) : [] as [$layer, $component]) {
            $states += $layer->id === $of?->id ? [] : self::statesOf($component, "{$layer->id}:", Called::of($tree, $layer).', ');
        }

        return $states;
    }

    /** @return array<string, array<string, string>> */
    private static function statesOf(Component $component, string $before, string $called): array
    {
        return array_column(array_map(fn (Axis $axis): array => ["{$before}{$axis->id}", array_column([["{$before}{$axis->id}", "{$called}{$axis->name}: the next"], ...array_map(fn ($state): array => ["{$before}{$axis->id} {$state->id}", "{$called}{$axis->name}: {$state->name}"], $axis->states)], 1, 0)], $component->axes), 1, 0);
    }
}
