<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Lets a layer in one copy, such as a cell of an array, follow what all copies show again, in one field or in all. */
final readonly class ResetOverride implements Command
{
    use OnLayers;

    private function __construct(private ?string $screen, private Address $layer, private ?string $field)
    {
    }

    public static function type(): string
    {
        return 'reset-override';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::read($in, 'layer'), $in->has('field') ? $in->string('field', 80) : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer->layer, ...$this->layer->copies]);
    }

    public function apply(Tree $tree): Tree
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer->layer]);
        $showing = $this->layer->copies === [] ? null : $tree->showing($this->layer);
        if ($showing === null) {
            throw new InvalidInput('layer', "“{$layer->name}” does not lie in that copy.");
        }
        // Each array, and each instance, may have it otherwise for itself.
        foreach ($showing as $i => $around) {
            $around = $tree->layer($around->id);
            $content = $around->content;
            $within = new Address($layer->id, array_slice($this->layer->copies, $i + 1));
            if ($content instanceof Expanding) {
                foreach ($this->field === null ? $content->overridden($this->layer->copies[$i], $within) : [$this->field] as $field) {
                    $content = $content->following($this->layer->copies[$i], $within, $field);
                }
                $tree = $tree->withLayers($around->with(content: $content));
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Let a cell follow its design'.(isset($before->layers[$this->layer->layer]) ? " in {$before->layers[$this->layer->layer]->name}" : '');
    }
}
