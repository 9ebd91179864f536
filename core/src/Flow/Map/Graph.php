<?php

declare(strict_types=1);

namespace Kindred\Flow\Map;

use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Entries;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Kit\Kit;
use Kindred\Layout\Expansion;
use Kindred\Motion\Match\Actor;
use Kindred\Motion\Match\Cast;

/** The screens of a project and the steps between them. */
final class Graph
{
    /** @var array<string, list<Step>> by the screen they start from */
    public readonly array $from;

    /** @var array<string, int> the fewest steps from where people begin, by screen; none for what nothing brings */
    public readonly array $ranks;

    /** @var array<string, Step> by which a screen is first come to */
    public readonly array $first;

    /**
     * @param  array<string, Screen>  $screens  those that are played, in the order of the reel
     * @param  list<Step>  $steps
     */
    private function __construct(public readonly array $screens, public readonly array $steps, public readonly ?string $entry)
    {
        $from = array_fill_keys(array_keys($screens), []);
        foreach ($steps as $step) {
            $from[$step->from][] = $step;
        }
        $this->from = $from;
        [$this->ranks, $this->first] = $this->counted($entry === null ? [] : [$entry]);
    }

    /** @param  array<string, string>  $instead  takes that are looked at in the place of their keepers, by these */
    public static function of(Tree $tree, Expansion $expansion, Kit $kit, array $instead = []): self
    {
        $screens = array_column($tree->reel(), null, 'id');
        $steps = [];
        foreach ($screens as $id => $screen) {
            $shown = $tree->screens[$instead[$id] ?? $id] ?? $screen;
            array_push($steps, ...self::steps($tree, $shown, $id, $screens, $expansion, $kit));
        }
        $entry = $tree->project->entry;

        return new self($screens, $steps, $entry !== null && isset($screens[$entry]) ? $entry : array_key_first($screens));
    }

    /**
     * The fewest steps to each screen, and the step by which it is first come to. What nothing brings begins anew, in the order of the reel.
     *
     * @param  list<string>  $entries
     * @return array{array<string, int>, array<string, Step>}
     */
    public function counted(array $entries): array
    {
        $ranks = array_fill_keys($entries, 0);
        $first = [];
        for ($i = 0, $open = $entries; $i < count($open); $i++) {
            foreach ($this->from[$open[$i]] as $step) {
                if ($step->to !== null && ! $step->returns() && ! isset($ranks[$step->to])) {
                    $ranks[$step->to] = $ranks[$open[$i]] + 1;
                    $first[$step->to] = $step;
                    $open[] = $step->to;
                }
            }
        }

        return [$ranks, $first];
    }

    /** @return list<string> where something begins: the entry, and what is come to from nowhere else, in the order of the reel */
    public function beginnings(): array
    {
        $found = $this->entry === null ? [] : [$this->entry];
        [$ranks] = $this->counted($found);
        foreach ($this->screens as $id => $screen) {
            if (! isset($ranks[$id])) {
                $found[] = $id;
                [$ranks] = $this->counted($found);
            }
        }

        return $found;
    }

    /**
     * @param  array<string, Screen>  $screens
     * @return list<Step>
     */
    private static function steps(Tree $tree, Screen $screen, string $as, array $screens, Expansion $expansion, Kit $kit): array
    {
        $steps = [];
        foreach ($screen->cues as $cue) {
            array_push($steps, ...self::ofCue($as, $cue, $screen->name, null, $screens));
        }
        if (! self::hasCues($tree, $screen)) {
            return $steps;
        }
        foreach (Cast::on($tree, $screen, $expansion, true)->actors as $actor) {
            foreach ($actor->layer->cues as $cue) {
                if (Entries::has($actor->layer, $cue)) {
                    array_push($steps, ...self::ofCue($as, $cue, $cue->entry === '' ? $actor->layer->name : $cue->entry, self::target($actor, $cue, $kit), $screens));
                }
            }
        }

        return $steps;
    }

    /** What is pressed, px of the screen: the layer, or the one entry of it that the cue is of, where that is shown. */
    private static function target(Actor $actor, Cue $cue, Kit $kit): Box
    {
        $widget = $actor->layer->content;
        $item = $cue->entry !== '' && $widget instanceof Widget ? array_search($cue->entry, array_column($widget->items, 'label'), true) : false;
        foreach ($item === false ? [] : $kit->areas($actor->layer) as $area) {
            if ($area->item === $item) {
                $middle = $actor->corner()->plus($area->box->centre()->turned($actor->angle));

                return (new Box($middle->x - $area->box->width / 2, $middle->y - $area->box->height / 2, $area->box->width, $area->box->height))->turned($actor->angle);
            }
        }

        return $actor->box()->turned($actor->angle);
    }

    /** Whether a layer on it, or in a component that it shows, has a cue at all: then it has to be seen where these lie. */
    private static function hasCues(Tree $tree, Screen $screen): bool
    {
        $layers = $tree->layersOf($screen->id);
        foreach ([...$layers, ...array_merge([], ...array_values($tree->components($layers)))] as $layer) {
            if ($layer->cues !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, Screen>  $screens
     * @return list<Step>
     */
    private static function ofCue(string $from, Cue $cue, string $called, ?Box $target, array $screens): array
    {
        $steps = [];
        foreach ([false, true] as $otherwise) {
            foreach ($otherwise ? $cue->otherwise : $cue->actions as $act) {
                $returns = $act->action instanceof GoBack;
                $to = $act->target() ?? ($act->action instanceof GoBack ? $act->action->to : null);
                if (($to !== null && isset($screens[$to])) || ($returns && $to === null)) {
                    $steps[] = new Step($from, $to, $cue, $act, $called, $target, $otherwise);
                }
            }
        }

        return $steps;
    }
}
