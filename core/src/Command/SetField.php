<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Kit\FreshChart;

/** Sets one property of all selected layers from what was typed, arithmetic included. */
final readonly class SetField implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private ?string $screen,
        private array $layers,
        private Field $field,
        private string $value,
        private InCopies $copies,
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
            Address::layers($in),
            Field::read($in, 'field'),
            $in->string('value', 4000),
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
            $tree = $this->copies->change($tree, $layer, $this->field, fn (Tree $in, Layer $own): Tree => $this->field->set($in, $own, $this->value, self::around($in, $own)));
            $tree = $this->renamed($tree, $layer);
        }

        return $tree;
    }

    /** A chart that is called by its form is called by the new one. */
    private function renamed(Tree $tree, Layer $before): Tree
    {
        $now = $tree->layers[$before->id] ?? null;
        if (! $now?->content instanceof Chart || ! $before->content instanceof Chart || $now->content->form === $before->content->form || $now->name !== FreshChart::name($before->content->form)) {
            return $tree;
        }

        return $tree->withLayers($now->with(name: FreshChart::name($now->content->form)));
    }

    /** What percentages are of. */
    private static function around(Tree $tree, Layer $layer): Box
    {
        return match (true) {
            $layer->parent !== null => $tree->layer($layer->parent)->box,
            $layer->screen !== null => $tree->screen($layer->screen)->box,
            default => new Box(0, 0, 0, 0),
        };
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of ".$this->naming($before, $this->layers);
    }
}
