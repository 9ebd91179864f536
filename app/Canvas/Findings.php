<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Check\Finding;
use Kindred\Document\Address;
use Kindred\Document\Check\Aside;

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
     * Only those of some screens, or about some layers.
     *
     * @param  list<string>  $screens  none for all
     * @param  list<Address>  $layers  none for all
     */
    public function about(array $screens, array $layers): self
    {
        $named = array_map(strval(...), $layers);
        $is = fn (Finding $one): bool => ($screens === [] || in_array($one->screen, $screens, true))
            && ($named === [] || array_intersect(array_map(strval(...), $one->places), $named) !== []);

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
