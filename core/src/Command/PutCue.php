<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Adds a cue to a layer, or to a screen as a whole, or puts it in the place of the one with the same id.
 *
 * A new thread to a screen that comes without a transition gets a push from where that screen hangs.
 */
final readonly class PutCue implements Command
{
    use OnCues;

    private function __construct(
        private string $screen,
        private ?string $layer,
        private Cue $cue,
    ) {
    }

    public static function type(): string
    {
        return 'put-cue';
    }

    public static function read(Reader $in): self
    {
        $cue = Cue::read($in->object('cue'));
        if (! $in->has('layer')) {
            self::mustSuitScreens($cue, $in->at('cue.trigger'));
        }

        return new self($in->id('screen'), Address::optionalLayer($in, 'layer'), $cue);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: [$this->screen, ...$this->cue->targets()],
            layers: $this->layer === null ? [] : [$this->layer],
        );
    }

    public function apply(Tree $tree): Tree
    {
        $owner = $this->owner($tree);
        if ($owner instanceof Layer && $tree->compounds($owner) !== []) {
            throw new InvalidInput('layer', "“{$owner->name}” is a part of a compound, which is tapped as a whole: link that.");
        }

        return $this->withCues($tree, $owner, $this->put($owner->cues, $this->directed($tree)));
    }

    public function label(Tree $before): string
    {
        $targets = $this->cue->targets();
        $doing = match (true) {
            $targets !== [] => 'to '.($before->screens[$targets[0]]->name ?? 'a screen'),
            $this->cue->returns() => 'to return',
            ($this->cue->actions[0]->action ?? null) instanceof ChangeState => 'to another state',
            default => 'to do something',
        };

        return "Link {$this->named($before)} {$doing}";
    }

    /** @throws InvalidInput for a cue that only a layer can have */
    public static function mustSuitScreens(Cue $cue, string $place = 'value'): void
    {
        if (! $cue->trigger::isOfScreens()) {
            throw new InvalidInput($place, 'a screen as a whole has no such cues; select a layer, or choose another trigger');
        }
    }

    private function directed(Tree $tree): Cue
    {
        $from = $tree->screen($this->screen)->box;
        $way = fn (Act $act): Act => $act->action instanceof Show && $act->transition === null ? $act->with(transition: Transition::suggested($from, $tree->screen($act->action->screen)->box)) : $act;

        return $this->cue->with(actions: array_map($way, $this->cue->actions), otherwise: array_map($way, $this->cue->otherwise));
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Cue>
     */
    private function put(array $cues, Cue $new): array
    {
        foreach ($cues as $i => $cue) {
            if ($cue->id === $new->id) {
                $cues[$i] = $new;

                return $cues;
            }
        }

        return [...$cues, $new];
    }
}
