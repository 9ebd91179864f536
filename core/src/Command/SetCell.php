<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Sets one value of a data sheet. */
final readonly class SetCell implements Command
{
    use OnSheet;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $row,
        private string $column,
        private string $value,
    ) {
    }

    public static function type(): string
    {
        return 'set-cell';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->id('row'), $in->id('column'), $in->string('value', Sheet::MAX_LENGTH));
    }

    public function apply(Tree $tree): Tree
    {
        $sheet = $this->content($tree)->sheet();

        return $this->withSheet($tree, $sheet->withRow($sheet->row($this->row)->with($sheet->column($this->column)->id, $this->value)));
    }

    public function label(Tree $before): string
    {
        return "Fill a cell of {$this->nameOf($before)}";
    }
}
