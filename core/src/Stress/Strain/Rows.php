<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Tree;
use Kindred\Stress\Strain;

/** Lists have no entries, or several times as many. */
final readonly class Rows implements Strain
{
    private const MOST = 200;

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
        $lists = array_values(array_filter($tree->layersOf($screen), fn (Layer $layer): bool => $layer->content instanceof ArrayLayer && $layer->content->sheet->rows !== []));

        return $lists === [] ? null : $tree->withLayers(...array_map($this->filled(...), $lists));
    }

    private function filled(Layer $layer): Layer
    {
        if (! $layer->content instanceof ArrayLayer) {
            return $layer;
        }
        $rows = $layer->content->sheet->rows;
        $all = [];
        for ($i = 0; $i < $this->times; $i++) {
            foreach ($rows as $row) {
                $all[] = $i === 0 ? $row : Row::of('r'.substr(hash('sha256', "{$row->id} {$i}"), 0, 15), $row->cells());
            }
        }

        return $layer->with(content: $layer->content->with(sheet: $layer->content->sheet->with(rows: array_slice($all, 0, max(count($this->times === 0 ? [] : $rows), self::MOST)))));
    }
}
