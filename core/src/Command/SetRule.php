<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Check\Rule;
use Kindred\Check\Rules;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Entity;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Says whether a project checks by a rule, and sets its limit; null for the usual one. */
final readonly class SetRule implements Command
{
    /** @param  class-string<Rule>  $rule */
    private function __construct(private string $rule, private bool $on, private ?float $limit)
    {
    }

    public static function type(): string
    {
        return 'set-rule';
    }

    public static function read(Reader $in): self
    {
        $rule = Rules::find($in->string('rule', RuleSetting::MAX_KEY)) ?? $in->fail('rule', 'there is no such rule');
        $limit = $rule::limit();
        $on = $in->boolean('on', true);
        if (! isset($in->raw()['limit'])) {
            return new self($rule, $on, null);
        }

        return new self($rule, $on, $limit === null ? $in->fail('limit', "“{$rule::label()}” has no limit to set") : $in->number('limit', $limit->min, $limit->max));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::RuleSetting]);
    }

    public function apply(Tree $tree): Tree
    {
        $key = $this->rule::key();

        return $this->on && $this->limit === null
            ? $tree->without(Entity::RuleSetting, RuleSetting::idOf($key))
            : $tree->put(Entity::RuleSetting, new RuleSetting(RuleSetting::idOf($key), 'm', $key, $this->on, $this->limit));
    }

    public function label(Tree $before): string
    {
        return match (true) {
            ! $this->on => "Check no more: {$this->rule::label()}",
            $this->limit !== null => "Check {$this->rule::label()} by {$this->rule::limit()?->shown($this->limit)}",
            default => "Check {$this->rule::label()} as usual",
        };
    }
}
