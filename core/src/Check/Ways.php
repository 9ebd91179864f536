<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Trigger\Drag;
use Kindred\Document\Cue\Trigger\Swipe;
use Kindred\Document\Overlay;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** The screens of a project and the ways between them. */
final class Ways
{
    /** @var array<string, Screen> those that are played, in the order of the reel */
    public readonly array $screens;

    /** @var array<string, list<Way>> from each screen */
    public readonly array $from;

    /** @var array<string, list<Way>> that bring each screen */
    public readonly array $into;

    /** @var list<string> where people begin: the project's first screen, and the first on each other device */
    public readonly array $entries;

    /** @var array<string, true> the devices whose screens are linked */
    private readonly array $linked;

    /** @var array<string, true>|null */
    private ?array $reached = null;

    /** @param  list<Way>  $ways */
    public function __construct(Tree $tree, array $ways)
    {
        $this->screens = array_column($tree->reel(), null, 'id');
        $linked = [];
        $from = $into = array_fill_keys(array_keys($this->screens), []);
        foreach ($ways as $way) {
            if (isset($this->screens[$way->screen])) {
                $from[$way->screen][] = $way;
                $linked += $way->leads() ? [$this->screens[$way->screen]->device => true] : [];
                if ($way->leads() && isset($this->screens[$way->to ?? ''])) {
                    $into[$way->to][] = $way;
                }
            }
        }
        [$this->from, $this->into, $this->linked] = [$from, $into, $linked];
        $first = isset($this->screens[$tree->project->entry ?? '']) ? $this->screens[$tree->project->entry] : (array_values($this->screens)[0] ?? null);
        $entries = $first === null ? [] : [$first->device => $first->id];
        foreach ($this->screens as $screen) {
            // What lies over others, and a version of a screen, is no place to begin.
            if ($screen->conditionOf === null && ! $this->liesOver($screen->id)) {
                $entries[$screen->device] ??= $screen->id;
            }
        }
        $this->entries = array_values($entries);
    }

    /** Whether some cue lays it over others. */
    public function liesOver(string $screen): bool
    {
        return array_filter($this->into[$screen] ?? [], fn (Way $way): bool => $way->does === 'lay-over') !== [];
    }

    /** How it lies over others. */
    public function over(string $screen): Overlay
    {
        return $this->screens[$screen]->over ?? Overlay::usual();
    }

    /** Whether the screens of a device are linked at all. */
    public function isLinked(string $screen): bool
    {
        return isset($this->linked[$this->screens[$screen]->device]);
    }

    /** Lets a swipe to the right return from a screen, where none does anything yet. */
    public function returned(string $screen): ?Fix
    {
        $swipes = array_filter($this->screens[$screen]->cues, fn (Cue $cue): bool => ($cue->trigger instanceof Swipe || $cue->trigger instanceof Drag) && $cue->trigger->direction === Direction::Right);

        return $swipes !== [] ? null : new Fix('Let a swipe to the right return', [
            ['type' => 'put-cue', 'screen' => $screen, 'cue' => ['id' => 'back'.substr(hash('xxh128', $screen), 0, 12), 'trigger' => ['kind' => 'swipe', 'direction' => 'right'], 'actions' => [['kind' => 'return']]]],
        ]);
    }

    /** @return array<string, true> the screens that people can come to */
    public function reached(): array
    {
        if ($this->reached !== null) {
            return $this->reached;
        }
        $reached = array_fill_keys($this->entries, true);
        $open = $this->entries;
        while ($open !== []) {
            foreach ($this->from[array_pop($open)] ?? [] as $way) {
                if ($way->to !== null && isset($this->screens[$way->to]) && ! isset($reached[$way->to])) {
                    $reached[$way->to] = true;
                    $open[] = $way->to;
                }
            }
        }

        return $this->reached = $reached;
    }

    /** @return array<string, true> the screens from which people can come back to where they began */
    public function returning(): array
    {
        $back = [];
        foreach ($this->screens as $id => $screen) {
            foreach ($this->from[$id] as $way) {
                foreach ($way->toFirst ? $this->entries : [$way->to] as $to) {
                    $back[$to ?? ''][] = $id;
                }
            }
            // What returns, or is taken off, comes to whatever has brought it.
            $returns = array_filter($this->from[$id], fn (Way $way): bool => ($way->does === 'return' && $way->to === null && ! $way->toFirst) || $way->does === 'take-off') !== [];
            if ($returns || $this->goesByItself($id)) {
                foreach ($this->into[$id] as $way) {
                    $back[$way->screen][] = $id;
                }
            }
        }
        $returning = array_fill_keys($this->entries, true);
        $open = $this->entries;
        while ($open !== []) {
            foreach ($back[array_pop($open)] ?? [] as $id) {
                if (! isset($returning[$id])) {
                    $returning[$id] = true;
                    $open[] = $id;
                }
            }
        }

        return $returning;
    }

    /** Whether it lies over others and is taken off without a cue: dragged away, or by a tap beside it, where there is something beside it. */
    public function goesByItself(string $screen): bool
    {
        return $this->liesOver($screen) && ($this->over($screen)->dragged || ($this->over($screen)->outside && ! $this->coversAll($screen)));
    }

    /** Whether nothing is seen beside it, over one of those on which it is laid. */
    private function coversAll(string $screen): bool
    {
        [$over, $own] = [$this->over($screen), $this->screens[$screen]];
        foreach ($this->into[$screen] ?? [] as $way) {
            $below = $this->screens[$way->screen];
            if ($way->does === 'lay-over' && ! $this->liesOver($below->id) && $over->covers($below->box->width, $below->seen(), $own->box->width, $own->seen())) {
                return true;
            }
        }

        return false;
    }
}
