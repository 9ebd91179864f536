<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Adds rows to a data sheet after one of its rows, with that row's values, or at the end with those of the last. */
final readonly class AddRows implements Command
{
    use OnSheet;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private ?string $after,
        private int $count,
        private string $seed,
    ) {
    }

    public static function type(): string
    {
        return 'add-rows';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->optionalId('after'), $in->has('count') ? $in->whole('count', 1, Sheet::MAX_ROWS) : 1, $in->string('seed', 64, false));
    }

    public function apply(Tree $tree): Tree
    {
        $ids = new Id($this->seed);
        $sheet = $this->content($tree)->sheet();
        $at = $this->after === null ? count($sheet->rows) : $sheet->indexOf($this->after) + 1;
        $model = $sheet->rows[$at - 1] ?? Row::of('');

        return $this->withSheet($tree, $sheet->withRows(array_map(fn (): Row => Row::of($ids->next(), $model->cells()), range(1, $this->count)), $at));
    }

    public function label(Tree $before): string
    {
        return 'Add '.($this->count === 1 ? 'a row' : "{$this->count} rows")." to {$this->nameOf($before)}";
    }
}
