<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Check\Rules;
use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Entity;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Puts findings of checks aside, and says why: they are not counted, and not marked on the wall, until they are taken up again. */
final readonly class PutAside implements Command
{
    public const MAX = 500;

    /** @param  list<Aside>  $asides */
    private function __construct(private array $asides)
    {
    }

    public static function type(): string
    {
        return 'put-aside';
    }

    public static function read(Reader $in): self
    {
        $reason = trim($in->string('reason', Aside::MAX_REASON));
        if ($reason === '') {
            $in->fail('reason', 'say why, so that whoever comes next need not ask');
        }

        return new self($in->list('findings', function (Reader $one) use ($reason): Aside {
            $rule = Rules::find($one->string('rule', RuleSetting::MAX_KEY)) ?? $one->fail('rule', 'there is no such rule');
            $about = $one->string('about', Aside::MAX_ABOUT, false);

            return new Aside(Aside::idOf($rule::key(), $about), 'm', $rule::key(), $about, $reason);
        }, 1, self::MAX));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(things: [Entity::Aside]);
    }

    public function apply(Tree $tree): Tree
    {
        $tree = $tree->put(Entity::Aside, ...$this->asides);

        return count($tree->things(Entity::Aside)) <= Aside::MAX ? $tree
            : throw new InvalidInput('findings', 'A project holds at most '.number_format(Aside::MAX).' findings that are put aside. Nothing was changed.');
    }

    public function label(Tree $before): string
    {
        return count($this->asides) === 1 ? 'Put a finding aside: '.(Rules::find($this->asides[0]->rule) ?? throw new \LogicException('read'))::label() : 'Put '.count($this->asides).' findings aside';
    }
}
