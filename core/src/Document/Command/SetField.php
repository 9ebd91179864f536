<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

use Kindred\Document\Edit\Arithmetic;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\LayerField;
use Kindred\Document\Edit\LayoutField;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** Sets one facet of all selected layers from what was typed, arithmetic included. */
final readonly class SetField implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private LayerField $field,
        private string $value,
        private ?InCell $cell,
    ) {
    }

    public static function type(): string
    {
        return 'set-field';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'),
            $in->ids('layers'),
            LayoutField::tryFrom($in->string('field', 40)) ?? $in->enum('field', Field::class),
            $in->string('value', 200),
            InCell::read($in),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $parent = match (true) {
                $layer->parent !== null => $tree->layer($layer->parent)->box,
                $layer->screen !== null => $tree->screen($layer->screen)->box,
                default => new Box(0, 0, 0, 0),
            };
            $value = $this->valueFor($tree, $layer);
            $set = $this->field->set($tree, $layer, $value, $parent);
            $tree = $this->cell?->instead($tree, $layer, $this->field, $value) ?? $set;
        }

        return $tree;
    }

    /** What was typed, about what the layer has. */
    private function valueFor(Tree $tree, Layer $layer): string
    {
        $has = match (true) {
            $this->field instanceof LayoutField => $this->field->of($tree, $layer),
            $this->field instanceof Field => $this->field->of($layer),
            default => null,
        };

        return Arithmetic::about($this->value, $has);
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of ".$this->naming($before, $this->layers);
    }
}
