<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** What commands share that make another value of one field of layers; layers that have no such field are left as they are. */
trait OnField
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private readonly ?string $screen, private readonly array $layers, private readonly Field $field, private readonly InCopies $copies, private readonly Reader $in)
    {
    }

    public static function read(Reader $in): self
    {
        $read = new self($in->optionalId('screen'), Address::layers($in), self::field($in), InCopies::read($in, Address::all($in, 'layers')), $in);
        $read->check();

        return $read;
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($this->field->of($layer) !== null) {
                $tree = $this->copies->change($tree, $layer, $this->field, function (Tree $in, Layer $own): ?Tree {
                    $value = $this->value($own);

                    return $value === null ? null : $this->field->put($in, $own, $value);
                });
            }
        }

        return $tree;
    }

    /** @throws \Kindred\Input\InvalidInput where there is no such field */
    abstract private static function field(Reader $in): Field;

    /** @throws \Kindred\Input\InvalidInput where something is missing or wrong in what was sent */
    abstract private function check(): void;

    /** @return mixed the value as it is written; null where nothing changes */
    abstract private function value(Layer $layer): mixed;
}
