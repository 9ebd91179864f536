<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Bounds;
use Kindred\Document\Edit\AlignTo;
use Kindred\Document\Layer;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Alignment;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Brings layers into line by the bounds that they take up on their screen. Layers of several screens are brought to the same
 * place on each of them.
 */
final readonly class AlignLayers implements Command
{
    use OnLayers;

    /**
     * @param  list<string>  $across  the screens, where there are several
     * @param  non-empty-list<string>  $layers  the one picked last stands last
     */
    private function __construct(
        private ?string $screen,
        private array $across,
        private array $layers,
        private Alignment $edge,
        private AlignTo $with,
    ) {
    }

    public static function type(): string
    {
        return 'align-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            $in->has('across') ? $in->ids('across', 1, 500) : [],
            Address::layers($in),
            $in->enum('edge', Alignment::class),
            $in->enum('with', AlignTo::class),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [...$this->named($this->screen), ...$this->across], layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = [];
        foreach ($this->placed($tree) as [$screen, $here]) {
            array_push($layers, ...$this->selected($tree, $screen, $here));
        }
        $together = Box::around(...array_map(fn (Layer $layer): Box => Bounds::of($tree, $layer), $layers));
        $last = $tree->layer($this->layers[count($this->layers) - 1]);
        $moved = [];
        foreach ($layers as $layer) {
            $with = match ($this->with) {
                AlignTo::Each => $together,
                AlignTo::Parent => $this->around($tree, $layer),
                AlignTo::Last => Bounds::of($tree, $last),
            };
            if ($with === null || ($this->with === AlignTo::Last && $layer->id === $last->id)) {
                continue;
            }
            $by = Bounds::inward($tree, $layer, $this->edge->distance(Bounds::of($tree, $layer), $with));
            $moved[] = $layer->with(box: $layer->box->movedBy($by->x, $by->y));
        }

        return $tree->withLayers(...$moved);
    }

    /** @return list<array{string|null, list<string>}> the screens, and what is named of each */
    private function placed(Tree $tree): array
    {
        if ($this->across === []) {
            return [[$this->screen, $this->layers]];
        }
        $named = array_fill_keys($this->across, []);
        foreach ($this->layers as $id) {
            $screen = $tree->layer($id)->screen;
            isset($named[$screen ?? '']) || throw Missing::layer($id);
            $named[$screen][] = $id;
        }

        return array_map(fn (string $screen): array => [$screen, $named[$screen]], $this->across);
    }

    public function label(Tree $before): string
    {
        return "Align {$this->naming($before, $this->layers)} ({$this->edge->value})";
    }

    /** The bounds of the group around, or the screen. */
    private function around(Tree $tree, Layer $layer): Box
    {
        if ($layer->parent !== null) {
            return Bounds::of($tree, $tree->layer($layer->parent));
        }
        if ($layer->screen === null) {
            throw new InvalidInput('with', 'Loose layers lie in nothing that they could be in line with; choose each other.');
        }
        $box = $tree->screen($layer->screen)->box;

        return new Box(0, 0, $box->width, $box->height);
    }
}
