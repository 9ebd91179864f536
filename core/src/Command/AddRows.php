<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Sheet\Succession;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

/** Adds rows to a data sheet after one of its rows, with that row's values, or at the end with those of the last; labels of a chart go on. */
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
        $sheet = $this->content($tree)->sheet();
        $ids = $sheet->ids($this->seed);
        $at = $this->after === null ? count($sheet->rows) : $sheet->indexOf($this->after) + 1;
        $model = $sheet->rows[$at - 1] ?? Row::of('');
        // The points of a chart are called one after the other, as far as that can be told.
        $labels = array_values(array_filter($sheet->columns, fn (Column $column): bool => $column->slot === Slot::Label));
        $all = array_map(fn (Column $column): array => array_map(fn (Row $row): string => $row->cells()[$column->id] ?? '', $sheet->rows), $labels);
        $called = array_map(fn (array $texts): array => array_slice(array_slice($texts, 0, $at), -2), $all);
        $later = array_map(fn (array $texts): array => array_fill_keys(array_slice($texts, $at), true), $all);
        $rows = [];
        for ($i = 0; $i < $this->count; $i++) {
            $cells = $model->cells();
            foreach ($labels as $n => $column) {
                $next = Succession::next($called[$n]);
                // What comes later is called so already.
                $next = isset($later[$n][$next]) ? '' : $next;
                $called[$n] = [...array_slice($called[$n], -1), $next];
                $cells[$column->id] = $next;
            }
            $rows[] = Row::of($ids->next(), $cells);
        }

        return $this->withSheet($tree, $sheet->withRows($rows, $at));
    }

    public function label(Tree $before): string
    {
        return 'Add '.($this->count === 1 ? 'a row' : "{$this->count} rows")." to {$this->nameOf($before)}";
    }
}
