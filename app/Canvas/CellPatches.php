<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Place;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Layout\CellGrid;
use Kindred\Layout\Cells;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\ShellDifference;

/**
 * What of an array's cells a change draws anew: the cells of changed rows, where the others have moved to, and how the
 * design is painted now.
 *
 * @phpstan-type CellsPatch array{order?: list<string>, drawn: array<string, string>, places?: array{x: list<float>, y: list<float>}, paint: array<string, list<array{int, string, string|null}>>}
 */
final readonly class CellPatches
{
    public function __construct(private Renderer $renderer, private Cells $cells)
    {
    }

    /** @return CellsPatch|null null where it is simpler to draw all cells anew */
    public function between(Tree $before, Tree $after, string $id, Rendering $rendering): ?array
    {
        $old = $before->layers[$id] ?? null;
        $new = $after->layer($id);
        if (! $old?->content instanceof ArrayLayer || ! $new->content instanceof ArrayLayer) {
            return null;
        }
        $earlier = $this->cells->grid($before, $old);
        $later = $this->cells->grid($after, $new);
        if ($earlier === null || $later === null || $earlier->key() !== $later->key()) {
            return null;
        }
        $paint = $this->paint($before, $after, $new, $new->content, $rendering);

        return $paint === null ? null : $this->changed($earlier, $later, $old->content, $new->content, $paint, $rendering);
    }

    /**
     * @param  array<string, list<array{int, string, string|null}>>  $paint
     * @return CellsPatch|null
     */
    private function changed(CellGrid $earlier, CellGrid $later, ArrayLayer $old, ArrayLayer $new, array $paint, Rendering $rendering): ?array
    {
        [$from, $to] = [$earlier->tracks(), $later->tracks()];
        $first = array_key_first($later->order());
        $rows = $this->redrawn($earlier, $later, $old, $new, $paint);
        if (count($rows) > max(4, count($later->order()) / 2)) {
            return null;
        }
        $drawn = [];
        foreach ($rows as $row) {
            $cell = $later->cell($row);
            $drawn[$row] = $cell === null ? '' : $this->renderer->copy($cell, $rendering, $row === $first);
        }
        $reordered = $earlier->order() !== $later->order();
        $patch = ['drawn' => $drawn, 'paint' => $paint];
        $patch += $reordered || $from->x !== $to->x || $from->y !== $to->y ? ['places' => ['x' => $to->x, 'y' => $to->y]] : [];

        return $reordered ? ['order' => array_map(strval(...), array_keys($later->order()))] + $patch : $patch;
    }

    /**
     * The rows whose cells look otherwise, but for paint that all cells share.
     *
     * @param  array<string, list<array{int, string, string|null}>>  $paint
     * @return list<string>
     */
    private function redrawn(CellGrid $earlier, CellGrid $later, ArrayLayer $old, ArrayLayer $new, array $paint): array
    {
        [$was, $is, $from, $to] = [$earlier->order(), $later->order(), $earlier->tracks(), $later->tracks()];
        $apart = fn (string $row): bool => array_intersect_key($new->overrides[$row] ?? [], $paint) !== [];
        if ($old->sheet === $new->sheet && $old->overrides === $new->overrides && $from->heights === $to->heights && count($from->x) === count($to->x)) {
            return array_values(array_filter(array_map(strval(...), array_keys($new->overrides)), fn (string $row): bool => isset($is[$row]) && $apart($row)));
        }
        // What is drawn once for all cells stands in the first.
        $firsts = array_key_first($was) === array_key_first($is) ? [] : [array_key_first($was) => true, array_key_first($is) => true];
        $redrawn = [];
        foreach ($new->sheet->rows as $i => $row) {
            $at = $was[$row->id] ?? null;
            $before = $at === null ? null : $old->sheet->rows[$at];
            if ($before === null || ($before !== $row && $before->written !== $row->written) || ($old->overrides[$row->id] ?? []) !== ($new->overrides[$row->id] ?? [])
                || $from->height($was[$row->id]) !== $to->height($i) || isset($firsts[$row->id]) || $apart($row->id)) {
                $redrawn[] = $row->id;
            }
        }

        return $redrawn;
    }

    /**
     * How layers of the design are painted otherwise, the same in all cells.
     *
     * @return array<string, list<array{int, string, string|null}>>|null null where it is more than paint, not the same in all, or in cells of these cells
     */
    private function paint(Tree $before, Tree $after, Layer $layer, ArrayLayer $array, Rendering $rendering): ?array
    {
        $paint = [];
        foreach ($after->subtree($after->children(new Place($layer->screen, $layer->id))[0]->id) as $part) {
            $earlier = $before->layer($part->id);
            if ($earlier === $part) {
                continue;
            }
            // What it masks says so of itself.
            if ($earlier->masking || $part->masking) {
                return null;
            }
            $difference = ShellDifference::between($this->renderer->shell($before, $earlier, $rendering), $this->renderer->shell($after, $part, $rendering));
            $nested = count($after->expanding($part)) > 1;
            if ($difference === null || ($difference !== [] && ($nested || $array->sheet->feeding($part->id, Slot::Colour) !== null))) {
                return null;
            }
            if ($difference !== []) {
                $paint[$part->id] = $difference;
            }
        }

        return $paint;
    }
}
