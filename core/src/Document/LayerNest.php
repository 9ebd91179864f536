<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer\Expanding;
use Kindred\Input\Reader;

/** A layer with all that lies in it, free of any place: what is copied, pasted and written to files. */
final readonly class LayerNest
{
    use CopyWith;

    /** @param  list<self>  $children */
    private function __construct(public Layer $layer, public array $children)
    {
    }

    public static function read(Reader $in, int $depth = 0): self
    {
        if ($depth > Limits::MAX_DEPTH) {
            $in->fail('children', 'groups lie in each other more than '.Limits::MAX_DEPTH.' deep');
        }
        $layer = Layer::read($in, id: $in->optionalId('id') ?? '', rank: '');
        $children = $in->list('children', fn (Reader $child): self => self::read($child, $depth + 1));
        if ($children !== [] && ! $layer->isContainer()) {
            $in->fail('children', 'only a group, a stack or an array has children');
        }
        if ($layer->content instanceof Expanding && count($children) > $layer->content::maxChildren()) {
            $in->fail('children', 'an array has one child, the design of its cells; put several into a group or a stack');
        }

        return new self($layer, $children);
    }

    public static function of(Tree $tree, Layer $layer): self
    {
        $children = $layer->isContainer() ? $tree->children(new Place($layer->screen, $layer->id)) : [];

        return new self($layer, array_map(fn (Layer $child): self => self::of($tree, $child), $children));
    }

    /** @param  callable(Layer): bool  $is */
    public function any(callable $is): bool
    {
        return $is($this->layer) || array_filter($this->children, fn (self $child): bool => $child->any($is)) !== [];
    }

    /** @return list<string> the components that are used in it */
    public function components(): array
    {
        return array_merge($this->layer->components(), ...array_map(fn (self $child): array => $child->components(), $this->children));
    }

    /** @param  callable(Layer): Layer  $by */
    public function mapped(callable $by): self
    {
        return new self($by($this->layer), array_map(fn (self $child): self => $child->mapped($by), $this->children));
    }

    /**
     * Its layers put in a place, each parent before its children.
     *
     * @param  Id|null  $ids  where new ids come from; null keeps those that were read
     * @param  bool  $akin  whether the new layers remember which they are copies of
     * @return list<Layer>
     */
    public function layers(Place $place, string $rank, ?Id $ids, bool $akin = false): array
    {
        $layers = $this->placed($place, $rank, $ids, $akin);

        return $ids === null ? $layers : self::cuesRenamed($layers, array_combine([$this->layer->id, ...$this->idsInside()], array_map(fn (Layer $one): string => $one->id, $layers)));
    }

    /**
     * What the cues of copies are about is the copy of it, where that is one of them.
     *
     * @param  list<Layer>  $layers
     * @param  array<string, string>  $ids  new by old
     * @return list<Layer>
     */
    public static function cuesRenamed(array $layers, array $ids): array
    {
        return array_map(fn (Layer $one): Layer => $one->cues === [] ? $one : $one->with(cues: array_map(fn (Cue $cue): Cue => $cue->renamed($ids), $one->cues)), $layers);
    }

    /** @return list<Layer> */
    private function placed(Place $place, string $rank, ?Id $ids, bool $akin): array
    {
        $changes = $ids === null ? [] : [
            'id' => $ids->next(),
            'cues' => array_map(fn (Cue $cue): Cue => $cue->with(id: $ids->next()), $this->layer->cues),
            'lineage' => $akin ? $this->layer->descent() : null,
        ];
        $layer = $this->layer->with(...$changes, screen: $place->screen, parent: $place->parent, rank: $rank);
        $inside = [];
        foreach (Rank::spread(null, null, count($this->children)) as $i => $childRank) {
            array_push($inside, ...$this->children[$i]->placed(new Place($place->screen, $layer->id), $childRank, $ids, $akin));
        }
        if ($ids !== null && $layer->content instanceof Expanding) {
            $layer = $layer->with(content: $layer->content->renamed(array_combine($this->idsInside(), array_map(fn (Layer $one): string => $one->id, $inside))));
        }

        return [$layer, ...$inside];
    }

    /** @return list<string> in the order of layers() */
    private function idsInside(): array
    {
        $ids = [];
        foreach ($this->children as $child) {
            array_push($ids, $child->layer->id, ...$child->idsInside());
        }

        return $ids;
    }

    public function movedBy(float $dx, float $dy): self
    {
        return new self($this->layer->with(box: $this->layer->box->movedBy($dx, $dy)), $this->children);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->layer->id] + $this->layer->properties()
            + ($this->layer->isContainer() ? ['children' => array_map(fn (self $child): array => $child->toArray(), $this->children)] : []);
    }
}
