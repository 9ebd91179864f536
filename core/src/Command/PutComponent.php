<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;

/** Puts a component of another project, with all on its sheet, into this one, or in the place of what it was here before: its instances follow, and keep what is their own. */
final readonly class PutComponent implements Command
{
    /** @param  list<LayerNest>  $layers */
    private function __construct(private Screen $sheet, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'put-component';
    }

    public static function read(Reader $in): self
    {
        // A browser may have kept it since an earlier version.
        $raw = Upgrades::screen($in->object('sheet')->raw());
        $sheet = Screen::read(Reader::of($raw + ['x' => 0, 'y' => 0], 'sheet'), 'm');
        $layers = $in->list('layers', fn (Reader $one): LayerNest => Kit::known(LayerNest::read($one), $one->at('')), 1);
        if ($sheet->component === null) {
            $in->fail('sheet', 'this is no sheet of a component');
        }

        return new self($sheet->with(gone: false, take: null, conditionOf: null, condition: null, cues: [], theme: null, look: null), $layers);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, whole: [$this->sheet->id], uses: [$this->sheet->id], components: [$this->sheet->id]);
    }

    public function apply(Tree $tree): Tree
    {
        $here = $tree->screens[$this->sheet->id] ?? null;
        if ($here !== null && $here->component === null) {
            throw new InvalidInput('sheet', "“{$here->name}” is a screen, and no component. Nothing was changed.");
        }
        if (isset($tree->gone[$this->sheet->id])) {
            throw new InvalidInput('sheet', "“{$this->sheet->name}” was deleted here; undo that, and take it then. Nothing was changed.");
        }
        $rank = $here->rank ?? Rank::between(($tree->screensInOrder()[count($tree->screens) - 1] ?? null)?->rank, null);
        $place = $here === null ? MakeComponent::place($tree->hung(), $this->sheet->box) : $here->box->sized($this->sheet->box->width, $this->sheet->box->height);
        $layers = [];
        foreach (Rank::spread(null, null, count($this->layers)) as $i => $own) {
            array_push($layers, ...$this->layers[$i]->layers(new Place($this->sheet->id), $own, null));
        }
        $this->mustBeOwn($tree, $layers);
        $old = $here === null ? [] : array_map(fn (Layer $layer): string => $layer->id, $tree->layersOf($this->sheet->id));

        return $tree->withoutLayers(...array_values(array_diff($old, array_map(fn (Layer $layer): string => $layer->id, $layers))))
            ->withScreens($this->sheet->with(rank: $rank, box: new Box($place->x, $place->y, $this->sheet->box->width, $this->sheet->box->height)))->withLayers(...$layers);
    }

    public function label(Tree $before): string
    {
        return isset($before->screens[$this->sheet->id]) ? "Update component {$this->sheet->name}" : "Take component {$this->sheet->name}";
    }

    /**
     * @param  list<Layer>  $layers
     *
     * @throws InvalidInput where an id stands for something else here, or for two layers
     */
    private function mustBeOwn(Tree $tree, array $layers): void
    {
        $ids = array_map(fn (Layer $layer): string => $layer->id, $layers);
        if (count(array_unique($ids)) !== count($ids) || in_array('', $ids, true)) {
            throw new InvalidInput('layers', "The layers of “{$this->sheet->name}” are not told apart by their ids. Nothing was changed.");
        }
        foreach ($ids as $id) {
            $other = $tree->layers[$id] ?? null;
            if ($other !== null && $other->screen !== $this->sheet->id) {
                throw new InvalidInput('layers', "“{$other->name}” stands here for what is another layer in “{$this->sheet->name}”. Nothing was changed.");
            }
        }
        if (! in_array($this->sheet->component->root ?? '', $ids, true)) {
            throw new InvalidInput('sheet', "What “{$this->sheet->name}” shows is not among its layers. Nothing was changed.");
        }
    }
}
