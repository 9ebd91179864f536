<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Stress\Strain;

/** Lists have no entries, or several times as many. */
final readonly class Rows implements Strain
{
    private const MAX = 200;

    public function __construct(private string $key, private int $times)
    {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->times === 0 ? 'with empty lists' : "with {$this->times} times as many entries";
    }

    public function source(): string
    {
        return $this->times === 0 ? 'Whoever comes first has nothing yet' : 'Whoever has been here for years has much';
    }

    public function on(Tree $tree, string $screen): ?Tree
    {
        $lists = [];
        foreach ($tree->layersOf($screen) as $layer) {
            if ($layer->content instanceof ArrayLayer && $layer->content->sheet->rows !== []) {
                $lists[] = $layer->with(content: $layer->content->holding($this->filled($layer->content->sheet)));
            }
        }

        return $lists === [] ? null : $tree->withLayers(...$lists);
    }

    private function filled(Sheet $sheet): Sheet
    {
        $all = [];
        for ($i = 0; $i < $this->times; $i++) {
            foreach ($sheet->rows as $row) {
                $all[] = $i === 0 ? $row : Row::of('r'.substr(hash('sha256', "{$row->id} {$i}"), 0, 15), $row->cells());
            }
        }

        return $sheet->with(rows: array_slice($all, 0, max(count($this->times === 0 ? [] : $sheet->rows), self::MAX)));
    }
}
