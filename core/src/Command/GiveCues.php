<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Entries;
use Kindred\Document\Cue\Premise;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Gives layers the cues that were copied from another, beside those that they have. One that a layer has already is not given twice, nor one that could do nothing there. */
final readonly class GiveCues implements Command
{
    use OnLayers;

    private const MAX = 50;

    /**
     * @param  list<string>  $layers
     * @param  list<Cue>  $cues
     */
    private function __construct(private string $screen, private array $layers, private array $cues, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'give-cues';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), Address::layers($in), $in->list('cues', Cue::read(...), 1, self::MAX), $in->string('seed', 80, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: $this->layers, whole: $this->named() === [] ? [] : [$this->screen]);
    }

    public function apply(Tree $tree): Tree
    {
        $ids = Id::in($tree, $this->seed);
        $given = false;
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($tree->compounds($layer) !== []) {
                throw new InvalidInput('layers', "“{$layer->name}” is a part of a compound, which is tapped as a whole: link that.");
            }
            $has = array_map(self::content(...), $layer->cues);
            $new = array_filter(array_map(fn (Cue $cue): Cue => $this->there($tree, $layer, $cue), $this->cues), fn (Cue $cue): bool => $cue->acts() !== [] && Entries::has($layer, $cue) && ! in_array(self::content($cue), $has, true));
            $given = $given || $new !== [];
            $tree = $new === [] ? $tree : $tree->withLayers($layer->with(cues: [...$layer->cues, ...array_map(fn (Cue $cue): Cue => $cue->with(id: $ids->next()), array_values($new))]));
        }
        if (! $given) {
            throw new InvalidInput('layers', 'Nothing was given: what is selected has these cues already, or they would do nothing there: show the screen that they are on, or be of an entry that is not there.');
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Give '.$this->naming($before, $this->layers).' the copied '.(count($this->cues) === 1 ? 'cue' : 'cues');
    }

    /** The cue without what is about layers of other screens, and without showing the screen that it is on. */
    private function there(Tree $tree, Layer $layer, Cue $cue): Cue
    {
        $isHere = fn (?string $named): bool => $named === null || ($tree->layers[$named] ?? null)?->screen === $layer->screen;
        $holds = fn (Act $act): bool => $act->target() !== $layer->screen && match (true) {
            $act->action instanceof ScrollTo, $act->action instanceof FocusField => $isHere($act->action->layer),
            $act->action instanceof ChangeState => $isHere($act->action->instance),
            default => true,
        };
        $conditions = array_filter($cue->conditions, fn (Premise $one): bool => ! $one->condition instanceof StateIs || $isHere($one->condition->instance));

        return $cue->with(conditions: array_values($conditions), actions: array_values(array_filter($cue->actions, $holds)), otherwise: array_values(array_filter($cue->otherwise, $holds)));
    }

    /** @return list<string> the layers that the cues are about */
    private function named(): array
    {
        $named = [];
        foreach ($this->cues as $cue) {
            foreach ([...array_column($cue->acts(), 'action'), ...array_column($cue->conditions, 'condition')] as $one) {
                $layer = $one instanceof ScrollTo || $one instanceof FocusField ? $one->layer : ($one instanceof ChangeState || $one instanceof StateIs ? $one->instance : null);
                $named = $layer === null ? $named : [...$named, $layer];
            }
        }

        return $named;
    }

    /** What a cue is, whatever it is called. */
    private static function content(Cue $cue): string
    {
        return json_encode(['id' => ''] + $cue->toArray(), JSON_THROW_ON_ERROR);
    }
}
