<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Lets a layer of one cell follow the design again, in one field or in all. */
final readonly class ResetOverride implements Command
{
    use OnSheet;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $row,
        private string $part,
        private ?string $field,
    ) {
    }

    public static function type(): string
    {
        return 'reset-override';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), $in->id('layer'), $in->id('row'), $in->id('part'), $in->has('field') ? $in->string('field', 80) : null);
    }

    public function apply(Tree $tree): Tree
    {
        $array = $this->array($tree);
        foreach ($this->field === null ? array_keys($array->overrides[$this->row][$this->part] ?? []) : [$this->field] as $field) {
            $array = $array->following($this->row, $this->part, $field);
        }

        return $this->withArray($tree, $array);
    }

    public function label(Tree $before): string
    {
        return 'Let a cell of '.$this->nameOf($before).' follow its design';
    }
}
