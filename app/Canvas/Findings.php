<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Check\Finding;
use Kindred\Document\Address;
use Kindred\Document\Check\Aside;
use Kindred\Document\Tree;

/** What is wrong in a project: what is open, and what was put aside. */
final readonly class Findings
{
    /**
     * @param  list<Finding>  $open
     * @param  list<array{Finding, Aside}>  $aside
     * @param  list<string>  $screens  in the order of the reel
     * @param  int  $left  screens that have not been looked at yet
     */
    private function __construct(public array $open, public array $aside, public array $screens, public int $left)
    {
    }

    /**
     * @param  list<Finding>  $all
     * @param  array<string, Aside>  $asides  by id
     * @param  list<string>  $screens
     */
    public static function of(array $all, array $asides, array $screens, int $left): self
    {
        if ($asides === []) {
            return new self($all, [], $screens, $left);
        }
        $open = $aside = [];
        foreach ($all as $one) {
            $decided = $asides[$one->id()] ?? null;
            if ($decided === null) {
                $open[] = $one;
            } else {
                $aside[] = [$one, $decided];
            }
        }

        return new self($open, $aside, $screens, $left);
    }

    /**
     * Only those of some screens.
     *
     * @param  list<string>  $screens
     */
    public function on(array $screens): self
    {
        return $this->filtered(fn (Finding $one): bool => in_array($one->screen, $screens, true));
    }

    /**
     * Only those about layers that a tree holds, wherever they are shown.
     *
     * @param  Tree  $tree  with the sheets of components
     */
    public function in(Tree $tree): self
    {
        return $this->filtered(fn (Finding $one): bool => array_filter($one->places, fn (Address $place): bool => $tree->component(($tree->layers[$place->layer] ?? null)?->screen) !== null) !== []);
    }

    /**
     * Only those about some layers, or about what lies in them.
     *
     * @param  list<Address>  $layers
     * @param  Tree  $tree  with the layers of their screens
     */
    public function about(array $layers, Tree $tree): self
    {
        $named = array_fill_keys(array_map(strval(...), $layers), true);

        return $this->filtered(function (Finding $one) use ($named, $tree): bool {
            foreach ($one->places as $place) {
                foreach (self::around($tree, $place) as $around) {
                    if (isset($named[$around])) {
                        return true;
                    }
                }
            }

            return false;
        });
    }

    /** @return \Generator<string> the addresses of a layer and of all that it lies in */
    private static function around(Tree $tree, Address $place): \Generator
    {
        $showing = $tree->showing($place) ?? [];
        for ($at = $place; ; $at = new Address($showing[count($at->copies) - 1]->id, array_slice($at->copies, 0, -1))) {
            yield (string) $at;
            foreach (isset($tree->layers[$at->layer]) ? $tree->ancestors($tree->layers[$at->layer]) : [] as $group) {
                yield (string) $at->with($group->id);
            }
            if ($at->copies === [] || ! isset($showing[count($at->copies) - 1])) {
                return;
            }
        }
    }

    /** @param  \Closure(Finding): bool  $is */
    private function filtered(\Closure $is): self
    {
        return new self(array_values(array_filter($this->open, $is)), array_values(array_filter($this->aside, fn (array $one): bool => $is($one[0]))), $this->screens, $this->left);
    }

    /** @return array<string, int> how many are open, by screen; those without any too */
    public function counts(): array
    {
        $counts = array_fill_keys($this->screens, 0);
        foreach ($this->open as $one) {
            $counts[$one->screen] = ($counts[$one->screen] ?? 0) + 1;
        }

        return $counts;
    }

    /**
     * Open ones by their rules, those with the most first within their group.
     *
     * @return array<class-string<\Kindred\Check\Rule>, non-empty-list<Finding>>
     */
    public function byRule(): array
    {
        $by = [];
        foreach ($this->open as $one) {
            $by[$one->rule][] = $one;
        }

        return $by;
    }
}
