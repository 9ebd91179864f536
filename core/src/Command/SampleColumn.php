<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Sample;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Fills a column of a data sheet with made-up values. */
final readonly class SampleColumn implements Command
{
    use OnSheet;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $column,
        private Sample $sample,
        private string $seed,
    ) {
    }

    public static function type(): string
    {
        return 'sample-column';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->id('column'), $in->enum('sample', Sample::class), $in->string('seed', 64, false));
    }

    public function apply(Tree $tree): Tree
    {
        $sheet = $this->content($tree)->sheet();
        $column = $sheet->column($this->column)->id;
        $rows = $sheet->rows;
        foreach ($this->sample->values($this->seed, count($rows)) as $i => $value) {
            $rows[$i] = $rows[$i]->with($column, $value);
        }

        return $this->withSheet($tree, $sheet->with(rows: array_values($rows)));
    }

    public function label(Tree $before): string
    {
        return "Fill {$this->nameOf($before)} with sample {$this->sample->value}";
    }
}
