<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Component\Axis;
use Kindred\Document\Component\State;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Resize;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Gives a component a further state, along an axis that it has or a new one, and shows it on the sheet below what is there: what is
 * changed there is changed in that state. A new axis begins with the state that is designed. What is to be a state of the first axis makes
 * one only where there is none yet.
 */
final readonly class AddState implements Command
{
    use OnInstances;

    private function __construct(private string $component, private ?string $axis, private string $name, private ?string $new, private string $first, private string $seed, private bool $alongFirst)
    {
    }

    public static function type(): string
    {
        return 'add-state';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('component'), $in->optionalId('axis'), $in->name('name'), $in->has('called') ? $in->name('called') : null, $in->has('first') ? $in->name('first') : 'Usual', $in->string('seed', 64, false), $in->boolean('alongFirst', false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(components: [$this->component]);
    }

    public function apply(Tree $tree): Tree
    {
        $component = self::component($tree, $this->component);
        $ids = Id::in($tree, $this->seed);
        $state = new State($ids->next(), $this->name);
        $named = $this->axis ?? ($this->alongFirst ? ($component->axes[0] ?? null)?->id : null);
        $axis = $named === null
            ? new Axis($ids->next(), $this->new ?? ($component->axes === [] ? 'State' : 'Axis '.(count($component->axes) + 1)), [new State($ids->next(), $this->first)])
            : $component->axis($named) ?? throw new InvalidInput('axis', 'That axis is not there; it may have been removed in another window.');
        $tree = self::put($tree, $this->component, $component->withAxis($axis->withState($state)));
        $sheet = $tree->screen($this->component);

        return self::shown($tree, $sheet, $ids->next(), "{$sheet->name}, {$this->name}", [$axis->id => $state->id]);
    }

    /**
     * An instance on the sheet of its own component, below all that is there.
     *
     * @param  array<string, string>  $states
     */
    public static function shown(Tree $tree, Screen $sheet, string $id, string $name, array $states): Tree
    {
        $layers = $tree->children(new Place($sheet->id));
        $bottom = $layers === [] ? 0.0 : max(array_map(fn (Layer $one): float => $one->bounds()->bottom(), $layers));
        $root = $tree->layer($sheet->component->root ?? '');
        $layer = new Layer($id, $sheet->id, null, Rank::between($tree->topRank(new Place($sheet->id)), null), $name, new Box(MakeComponent::MARGIN, $bottom + MakeComponent::MARGIN / 2, $root->box->width, $root->box->height), new Instance($sheet->id, $states));
        $height = min(Screen::MAX_SIDE, max($sheet->box->height, $layer->box->bottom() + MakeComponent::MARGIN));
        $taller = $sheet->with(box: $sheet->box->sized($sheet->box->width, $height), view: $height);

        return Resize::screen($tree->withScreens($taller), $sheet, $taller)->withLayers($layer);
    }

    public function label(Tree $before): string
    {
        return "Add state {$this->name} to ".($before->screens[$this->component]->name ?? 'a component');
    }
}
