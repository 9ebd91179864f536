<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Cue\ActionKind;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TriggerKind;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Adds a cue to a layer, or to a screen as a whole, or changes the one with the same id.
 *
 * A new thread to a screen that comes without a transition gets a push from where that screen hangs.
 */
final readonly class PutCue implements Command
{
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
        if (! $in->has('layer') && $cue->trigger->kind !== TriggerKind::Delay) {
            $in->fail('cue.trigger', 'a screen as a whole has cues after a delay only; a tap needs a layer');
        }

        return new self($in->id('screen'), $in->optionalId('layer'), $cue);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: [$this->screen, ...($this->cue->action->screen === null ? [] : [$this->cue->action->screen])],
            layers: $this->layer === null ? [] : [$this->layer],
        );
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        $cue = $this->directed($tree, $screen);
        if ($this->layer === null) {
            return $tree->withScreens($screen->with(cues: $this->put($screen->cues, $cue)));
        }
        $layer = $tree->layer($this->layer);
        if ($layer->screen !== $this->screen) {
            throw new InvalidInput('layer', 'the layer is not on that screen');
        }

        return $tree->withLayers($layer->with(cues: $this->put($layer->cues, $cue)));
    }

    public function label(Tree $before): string
    {
        $owner = $this->layer === null ? ($before->screens[$this->screen] ?? null) : ($before->layers[$this->layer] ?? null);
        if ($owner?->cue($this->cue->id) !== null) {
            return "Change a cue of {$owner->name}";
        }
        $target = $this->cue->action->kind === ActionKind::Return
            ? 'return'
            : ($before->screens[$this->cue->action->screen ?? '']->name ?? 'a screen');

        return 'Link '.($owner->name ?? 'a layer')." to {$target}";
    }

    private function directed(Tree $tree, Screen $from): Cue
    {
        if ($this->cue->action->screen === null) {
            return $this->cue;
        }
        $way = $tree->screen($this->cue->action->screen)->box->centre()->minus($from->box->centre());

        return $this->cue->with(transition: $this->cue->transition ?? Transition::push(Direction::towards($way->x, $way->y)));
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
