<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Sets one property of all selected layers to a value as it is written, such as the stops of a gradient; what is typed is `SetField`. */
final readonly class PutField implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private Field $field, private mixed $value, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'put-field';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            Address::layers($in),
            Field::read($in, 'field'),
            $in->raw()['value'] ?? null,
            InCopies::read($in, Address::all($in, 'layers')),
        );
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($this->field->of($layer, $tree) !== null) {
                $tree = $this->copies->change($tree, $layer, $this->field, fn (Tree $in, Layer $own): Tree => $this->field->put($in, $own, $this->value));
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of ".$this->naming($before, $this->layers);
    }
}
