<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

use Kindred\Document\Cue\Trigger\Reaching;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Flow\Map\Graph;
use Kindred\Flow\Map\Step;
use Kindred\Geometry\Box;
use Kindred\Layout\Expansion;
use Kindred\Motion\Match\Actor;
use Kindred\Motion\Match\Cast;

/** The fastest paths between two screens, by predicted time (Dijkstra 1959; the next ones by Yen 1971, Finding the k shortest loopless paths). */
final class Paths
{
    /** @var array<string, list<array{Layer, Box}>> */
    private array $fields = [];

    /** @param  array<string, string>  $instead  takes that are looked at in the place of their keepers, as in the graph */
    public function __construct(private readonly Tree $tree, private readonly Graph $graph, private readonly Expansion $expansion, private readonly array $instead = [])
    {
    }

    /**
     * @return list<Path> the fastest first; none where no path leads there
     */
    public function between(string $from, string $to, int $max = 3): array
    {
        $best = $this->fastest($from, $to, [], []);
        $found = $best === null ? [] : [$this->timed($best)];
        $candidates = [];
        while ($found !== [] && count($found) < $max) {
            $last = array_map(fn (array $one): Step => $one[0], $found[count($found) - 1]->steps);
            foreach ($last as $i => $spur) {
                $root = array_slice($last, 0, $i);
                $barred = [];
                foreach ($found as $path) {
                    $steps = array_map(fn (array $one): Step => $one[0], $path->steps);
                    // Another layer that leads to the same screen is no other path.
                    if (array_slice($steps, 0, $i) === $root && isset($steps[$i])) {
                        $barred["{$steps[$i]->from}>{$steps[$i]->to}"] = true;
                    }
                }
                $passed = array_fill_keys(array_map(fn (Step $step): string => $step->from, $root), true);
                $rest = $this->fastest($spur->from, $to, $barred, $passed, $this->at($root, $from));
                if ($rest !== null) {
                    $path = $this->timed([...$root, ...$rest]);
                    $candidates[$path->key()] = $path;
                }
            }
            foreach ($found as $path) {
                unset($candidates[$path->key()]);
            }
            uasort($candidates, fn (Path $a, Path $b): int => $a->seconds() <=> $b->seconds());
            $next = array_shift($candidates);
            if ($next === null) {
                break;
            }
            $found[] = $next;
        }

        return $found;
    }

    /** @param  list<Step>  $steps */
    public function timed(array $steps): Path
    {
        $out = [];
        $at = $steps === [] ? null : Prediction::start($this->graph->screens[$steps[0]->from]);
        foreach ($steps as $step) {
            $at = $at?->step($step, $this->graph->screens[$step->from], $this->fields($step->from), $this->graph->screens[$step->to ?? ''] ?? null);
            $out[] = [$step, $at->done ?? []];
        }

        return new Path($out);
    }

    /** @param  list<Step>  $steps */
    private function at(array $steps, string $from): Prediction
    {
        $at = Prediction::start($this->graph->screens[$from]);
        foreach ($steps as $step) {
            $at = $at->step($step, $this->graph->screens[$step->from], $this->fields($step->from), $this->graph->screens[$step->to ?? ''] ?? null);
        }

        return $at;
    }

    /**
     * @param  array<string, true>  $barred  first steps that are not taken, as "from>to"
     * @param  array<string, true>  $passed  screens that it does not lead over
     * @return list<Step>|null
     */
    private function fastest(string $from, string $to, array $barred, array $passed, ?Prediction $start = null): ?array
    {
        $at = [$from => $start ?? Prediction::start($this->graph->screens[$from])];
        $times = [$from => 0.0];
        $by = [];
        $done = $passed;
        $open = new \SplPriorityQueue;
        $open->insert($from, 0.0);
        while (! $open->isEmpty()) {
            /** @var string $screen */
            $screen = $open->extract();
            if (isset($done[$screen]) && $screen !== $from) {
                continue;
            }
            $done[$screen] = true;
            if ($screen === $to) {
                break;
            }
            foreach ($this->graph->from[$screen] as $step) {
                $next = $step->to;
                if ($next === null || isset($done[$next]) || $step->cue->trigger instanceof Reaching || ($screen === $from && isset($barred["{$from}>{$next}"]))) {
                    continue;
                }
                $after = $at[$screen]->step($step, $this->graph->screens[$screen], $this->fields($screen), $this->graph->screens[$next] ?? null);
                $time = $times[$screen] + $after->seconds();
                if ($time < ($times[$next] ?? INF)) {
                    [$times[$next], $at[$next], $by[$next]] = [$time, $after, $step];
                    $open->insert($next, -$time);
                }
            }
        }
        $steps = [];
        for ($screen = $to; $screen !== $from; $screen = $by[$screen]->from) {
            if (! isset($by[$screen])) {
                return null;
            }
            array_unshift($steps, $by[$screen]);
        }

        return $steps;
    }

    /** @return list<array{Layer, Box}> what has to be filled in on a screen before its fields are right, from the top down */
    private function fields(string $id): array
    {
        if (! isset($this->fields[$id])) {
            $screen = $this->tree->screens[$this->instead[$id] ?? $id] ?? null;
            $needed = fn (Layer $layer): bool => $layer->content instanceof Widget && $layer->content->required;
            $some = $screen !== null && array_filter($this->tree->layersOf($screen->id), $needed) !== [];
            $actors = $some ? array_filter(Cast::on($this->tree, $screen, $this->expansion, true)->actors, fn (Actor $one): bool => $needed($one->layer)) : [];
            usort($actors, fn (Actor $a, Actor $b): int => $a->box()->y <=> $b->box()->y);
            $this->fields[$id] = array_map(fn (Actor $one): array => [$one->layer, $one->box()], $actors);
        }

        return $this->fields[$id];
    }
}
