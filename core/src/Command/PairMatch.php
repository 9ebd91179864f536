<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Pair;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Says which layer becomes which in a match: both, or one of them where that has no other. `found` takes back what was said of them, so that
 * their pairs are found again. What was said of either before is no longer so.
 */
final readonly class PairMatch implements Command
{
    use OnCues;

    private function __construct(private string $screen, private ?string $layer, private string $cue, private string $list, private int $at, private Pair $pair, private bool $found)
    {
    }

    public static function type(): string
    {
        return 'pair-match';
    }

    public static function read(Reader $in): self
    {
        if (preg_match('/^(actions|otherwise)\.(\d{1,2})$/D', $in->string('act', 20), $match) !== 1) {
            $in->fail('act', 'what a cue does is named by “actions.0” or “otherwise.0”, counted from 0');
        }
        [$from, $to] = array_map(fn (string $side): string => $in->has($side) && $in->string($side, 900) !== '' ? (string) Address::read($in, $side) : '', ['from', 'to']);
        if ($from === '' && $to === '') {
            $in->fail('from', 'one layer at least is needed');
        }

        return new self($in->id('screen'), Address::optionalLayer($in, 'layer'), $in->id('cue'), $match[1], (int) $match[2],
            new Pair($from, $to, (int) $in->numberOr('delay', 0, 0, Pair::MAX_DELAY)), $in->boolean('found', false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: $this->layer === null ? [] : [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        $owner = $this->owner($tree);
        $cue = $owner->cue($this->cue) ?? throw new InvalidInput('cue', 'The cue is no longer there; it may have been removed in another window.');
        $acts = $this->list === 'actions' ? $cue->actions : $cue->otherwise;
        $act = $acts[$this->at] ?? null;
        if ($act?->transition === null || $act->transition->kind !== TransitionKind::Match) {
            throw new InvalidInput('act', 'This is no match any more; it may have been changed in another window.');
        }
        $acts[$this->at] = $act->with(transition: $this->said($act->transition));
        $new = $this->list === 'actions' ? $cue->with(actions: $acts) : $cue->with(otherwise: $acts);

        return $this->withCues($tree, $owner, array_map(fn (Cue $one): Cue => $one->id === $new->id ? $new : $one, $owner->cues));
    }

    public function label(Tree $before): string
    {
        return $this->found ? 'Let a pair of a match be found' : ($this->pair->from === '' || $this->pair->to === '' ? 'Leave a layer of a match alone' : 'Pair layers of a match');
    }

    private function said(Transition $transition): Transition
    {
        $pair = $this->pair;
        $others = array_values(array_filter($transition->pairs, fn (Pair $one): bool => ($pair->from === '' || $one->from !== $pair->from) && ($pair->to === '' || $one->to !== $pair->to)));
        if (! $this->found && count($others) >= Transition::MAX_PAIRS) {
            throw new InvalidInput('from', 'At most '.Transition::MAX_PAIRS.' pairs of a match can be said by hand.');
        }

        return $transition->with(pairs: $this->found ? $others : [...$others, $pair]);
    }
}
