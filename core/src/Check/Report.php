<?php

declare(strict_types=1);

namespace Kindred\Check;

/** What a look at one screen has brought. */
final readonly class Report
{
    /**
     * @param  list<Finding>  $findings  in the order of the rules
     * @param  array<string, list<Fact>>  $facts  by the rules that compare them
     * @param  list<Way>  $ways  from the screen
     */
    public function __construct(public array $findings, public array $facts, public array $ways = [])
    {
    }

    /** @param  list<class-string<Rule>>  $rules */
    public function without(array $rules): self
    {
        $keys = array_map(fn (string $rule): string => $rule::key(), $rules);

        return new self(array_values(array_filter($this->findings, fn (Finding $one): bool => ! in_array($one->rule, $rules, true))), array_diff_key($this->facts, array_flip($keys)), $this->ways);
    }

    /**
     * What other rules have to say, too.
     *
     * @param  list<Finding>  $findings
     * @param  array<string, list<Fact>>  $facts
     */
    public function with(array $findings, array $facts): self
    {
        $order = array_flip(Rules::ALL);
        $all = [...$this->findings, ...$findings];
        usort($all, fn (Finding $a, Finding $b): int => ($order[$a->rule] ?? 0) <=> ($order[$b->rule] ?? 0));

        return new self($all, $facts + $this->facts, $this->ways);
    }

    /** Whether a rule has found something. */
    public function isFoundBy(string $rule): bool
    {
        return array_filter($this->findings, fn (Finding $one): bool => $one->rule === $rule) !== [];
    }
}
