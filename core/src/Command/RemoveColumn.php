<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Removes a column of a data sheet with its values; what it fed is as it was designed again. */
final readonly class RemoveColumn implements Command
{
    use OnSheet;

    private function __construct(private ?string $screen, private string $layer, private string $column)
    {
    }

    public static function type(): string
    {
        return 'remove-column';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->id('column'));
    }

    public function apply(Tree $tree): Tree
    {
        $sheet = $this->content($tree)->sheet();

        return $this->withSheet($tree, $sheet->withoutColumn($sheet->column($this->column)->id));
    }

    public function label(Tree $before): string
    {
        return "Remove a column of {$this->nameOf($before)}";
    }
}
