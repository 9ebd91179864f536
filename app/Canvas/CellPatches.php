<?php

declare(strict_types=1);

namespace App\Canvas;

use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Place;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Layout\CellGrid;
use Kindred\Layout\Relayout;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\ShellDifference;

/**
 * What of an array's cells a change draws anew: the cells of changed rows, where the others have moved to, and how the
 * design is painted now.
 *
 * @phpstan-type CellsPatch array{order?: list<string>, drawn: array<string, string>, moved: array<string, array{float, float}>, paint: array<string, list<array{int, string, string|null}>>}
 */
final readonly class CellPatches
{
    public function __construct(private Renderer $renderer, private Relayout $relayout)
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
        $earlier = $this->relayout->cells->grid($before, $old);
        $later = $this->relayout->cells->grid($after, $new);
        if ($earlier === null || $later === null || $earlier->key() !== $later->key()) {
            return null;
        }
        $paint = $this->paint($before, $after, $old, $new, $rendering);

        return $paint === null ? null : $this->cells($earlier, $later, $old->content, $new->content, $paint, $rendering);
    }

    /**
     * @param  array<string, list<array{int, string, string|null}>>  $paint
     * @return CellsPatch|null
     */
    private function cells(CellGrid $earlier, CellGrid $later, ArrayLayer $old, ArrayLayer $new, array $paint, Rendering $rendering): ?array
    {
        [$from, $to] = [$earlier->areas(), $later->areas()];
        $rows = array_column($old->sheet->rows, null, 'id');
        [$was, $is] = [array_key_first($from), array_key_first($to)];
        $drawn = $moved = [];
        foreach ($new->sheet->rows as $row) {
            $area = $to[$row->id];
            $known = $from[$row->id] ?? null;
            if ($known === null || ($row !== $rows[$row->id] && $row->written !== $rows[$row->id]->written)
                || ($old->departures[$row->id] ?? []) !== ($new->departures[$row->id] ?? []) || $known->height !== $area->height
                || ($was !== $is && in_array($row->id, [$was, $is], true)) || array_intersect_key($new->departures[$row->id] ?? [], $paint) !== []) {
                $drawn[$row->id] = '';
            } elseif ($known->x !== $area->x || $known->y !== $area->y) {
                $moved[$row->id] = [$area->x, $area->y];
            }
        }
        if (count($drawn) > max(4, count($to) / 2)) {
            return null;
        }
        foreach ($drawn as $row => $_) {
            $cell = $later->cell($row);
            $drawn[$row] = $cell === null ? '' : $this->renderer->cell($cell, $rendering, $row === $is);
        }
        $patch = ['drawn' => $drawn, 'moved' => $moved, 'paint' => $paint];

        return array_keys($from) === array_keys($to) ? $patch : ['order' => array_keys($to)] + $patch;
    }

    /**
     * How layers of the design are painted otherwise, the same in all cells.
     *
     * @return array<string, list<array{int, string, string|null}>>|null null where it is more than paint, or not the same in all
     */
    private function paint(Tree $before, Tree $after, Layer $old, Layer $new, Rendering $rendering): ?array
    {
        $paint = [];
        foreach ($after->subtree($after->children(new Place($new->screen, $new->id))[0]->id) as $part) {
            $earlier = $before->layer($part->id);
            if ($earlier === $part) {
                continue;
            }
            $difference = ShellDifference::between($this->renderer->shell($earlier, $rendering), $this->renderer->shell($part, $rendering));
            if ($difference === null || ($difference !== [] && $new->content instanceof ArrayLayer && $new->content->sheet->feeding($part->id, Slot::Colour) !== null)) {
                return null;
            }
            if ($difference !== []) {
                $paint[$part->id] = $difference;
            }
        }

        return $paint;
    }
}
