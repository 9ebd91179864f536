<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** What commands on the lists of layers share: fills, strokes and the like, front to back, counted from 0. */
trait OnLists
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private readonly ?string $screen, private readonly array $layers, private readonly Field $list, private readonly InCopies $copies, private readonly Reader $in)
    {
    }

    public static function read(Reader $in): self
    {
        $list = Field::wholes()[$in->string('list', 40)] ?? null;

        $read = new self(
            $in->optionalId('screen'),
            Address::layers($in),
            $list !== null && $list->isList() ? $list : $in->fail('list', 'layers have no such list'),
            InCopies::read($in, Address::all($in, 'layers')),
            $in,
        );
        $read->check();

        return $read;
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($this->list->of($layer) === null) {
                continue;
            }
            $has = $this->list->plain($layer);
            $made = $this->changed(is_array($has) ? array_values($has) : []);
            $set = $this->list->put($tree, $layer, $made);
            $tree = $this->copies->instead($tree, $layer, $this->list, $set->layer($layer->id)) ?? $set;
        }

        return $tree;
    }

    /** A place in a list, as it was sent. */
    private function place(string $key): int
    {
        return $this->in->whole($key, 0, 1000);
    }

    /** @throws \Kindred\Input\InvalidInput where something is missing in what was sent */
    abstract private function check(): void;

    /**
     * @param  list<mixed>  $list  as it is written
     * @return list<mixed>
     */
    abstract private function changed(array $list): array;
}
