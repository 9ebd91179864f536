<?php

declare(strict_types=1);

namespace Kindred\Document\Command;

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

    /** `+10`, `*2` and `/2` are about what each layer has; `=80*1.5` says a value outright, as `80*1.5` does. */
    private function valueFor(Tree $tree, Layer $layer): string
    {
        if (preg_match('#^\s*([+*/×÷=])\s*(\S.*)$#us', $this->value, $typed) !== 1) {
            return $this->value;
        }
        if ($typed[1] === '=') {
            return $typed[2];
        }
        $has = match (true) {
            $this->field instanceof LayoutField => $this->field->of($tree, $layer),
            $this->field instanceof Field => $this->field->of($layer),
            default => null,
        };
        if ($has === null || ! is_numeric(rtrim($has, '%'))) {
            return $this->value;
        }
        $unit = str_ends_with($has, '%') && $typed[1] === '+' && is_numeric($typed[2]) ? '%' : '';

        return $unit === '' ? "{$has} {$typed[1]} ({$typed[2]})" : "{$has} + {$typed[2]}%";
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of ".$this->naming($before, $this->layers);
    }
}
