<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Copies;
use Kindred\Document\Edit\Field;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Design;
use Kindred\Document\Sheet\Feed;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;

/**
 * Makes an array of copies that lie beside each other: the first is the design, in reading order each becomes a
 * row. What differs in words, pictures, colours and what is shown goes into the data sheet, anything else is an override of its cell.
 */
final readonly class GatherCopies implements Command
{
    use FromLayers;

    private const SLOTS = ['words' => Slot::Words, 'asset' => Slot::Picture, Field::FILL => Slot::Colour, 'shown' => Slot::Shown];

    public static function type(): string
    {
        return 'gather-copies';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        if (count($layers) < 2) {
            throw new InvalidInput('layers', 'Select two copies or more to gather them.');
        }
        $top = $this->together($layers);
        usort($layers, $this->reading(...));
        // Only these are sure to be loaded, and only these are meant.
        $copies = Copies::of($this->only($tree, $layers), $layers[0]);
        if ($copies === null || count($copies->parts) !== count($layers)) {
            throw new InvalidInput('layers', 'These are not copies of each other: their parts differ. Nothing was changed.');
        }
        $ids = Id::in($tree, $this->seed);
        $around = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers)) ?? $top->box;
        $content = $this->content($copies, $layers, $ids);
        $array = new Layer($ids->next(), $this->screen, $top->parent, $top->rank, 'Array', $around, $content);
        foreach (array_slice($copies->parts, 1) as $parts) {
            $tree = $tree->withoutLayers(...array_map(fn (Layer $part): string => $part->id, $parts));
        }

        return Design::of($tree->withLayers($array), $layers[0]->with(box: new Box(0, 0, $layers[0]->box->width, $layers[0]->box->height)), $array->id);
    }

    public function label(Tree $before): string
    {
        return 'Make an array of '.count($this->layers).' copies';
    }

    /** Row by row, and from left to right in a row. */
    private function reading(Layer $a, Layer $b): int
    {
        $overlap = min($a->box->bottom(), $b->box->bottom()) - max($a->box->y, $b->box->y);

        return $overlap > min($a->box->height, $b->box->height) / 2 ? $a->box->x <=> $b->box->x : $a->box->y <=> $b->box->y;
    }

    /** @param  list<Layer>  $layers */
    private function only(Tree $tree, array $layers): Tree
    {
        $parts = [];
        foreach ($layers as $layer) {
            foreach ($tree->subtree($layer->id) as $part) {
                $parts[] = $part->id === $layer->id ? $part->with(parent: null) : $part;
            }
        }

        return (new Tree($tree->project))->withLayers(...$parts);
    }

    /** @param  list<Layer>  $layers  in the order of the rows */
    private function content(Copies $copies, array $layers, Id $ids): ArrayLayer
    {
        // The copies stand in the order of the tree, the model first.
        $order = array_map(fn (Layer $layer): int => (int) array_search($layer->id, array_map(fn (array $parts): string => $parts[0]->id, $copies->parts), true), $layers);
        $rows = array_map(fn (): Row => Row::of($ids->next()), $layers);
        $columns = [];
        $array = new ArrayLayer($this->across($layers), 1, $this->gap($layers, Axis::Y), $this->gap($layers, Axis::X));
        $overrides = [];
        foreach ($this->differing($copies) as $i => $fields) {
            $part = $copies->parts[0][$i];
            foreach ($fields as $field => $values) {
                $slot = self::SLOTS[$field] ?? null;
                if ($slot !== null && Feed::fits($slot, $part) && count($columns) < Sheet::MAX_COLUMNS) {
                    $columns[] = $column = new Column($ids->next(), $field === 'words' || $field === 'asset' ? $part->name : "{$part->name}: {$slot->value}", $slot, $part->id);
                    $rows = array_map(fn (Row $row, int $at): Row => $row->with($column->id, mb_substr($values[$at], 0, Sheet::MAX_LENGTH)), $rows, $order);
                } elseif (($property = Field::find($field)) !== null) {
                    foreach ($order as $row => $at) {
                        if ($values[$at] !== $values[0]) {
                            $overrides[] = [$rows[$row]->id, $part->id, $field, $property->plain($copies->parts[$at][$i])];
                        }
                    }
                }
            }
        }
        $array = $array->with(minWidth: max(1.0, round($layers[0]->box->width)), sheet: new Sheet($columns, $rows));
        foreach ($overrides as [$row, $part, $path, $value]) {
            $array = $array->overriding($row, new Address($part), $path, $value);
        }

        return $array;
    }

    /**
     * What differs by part and field. Copies that say and show the same are told apart by nothing: their words and pictures are
     * what comes into the sheet then, to be changed there.
     *
     * @return array<int, array<string, list<string>>>
     */
    private function differing(Copies $copies): array
    {
        $differences = $copies->differences;
        foreach ($differences as $fields) {
            if (isset($fields['words']) || isset($fields['asset'])) {
                return $differences;
            }
        }
        foreach ($copies->parts[0] as $i => $part) {
            foreach (['words' => Slot::Words, 'asset' => Slot::Picture] as $field => $slot) {
                if (Feed::fits($slot, $part)) {
                    $differences[$i][$field] = array_map(fn (array $parts): string => Feed::of($slot, $parts[$i]), $copies->parts);
                }
            }
        }
        ksort($differences);

        return $differences;
    }

    /** @param  list<Layer>  $layers  how many lie in the first row */
    private function across(array $layers): int
    {
        $first = $layers[0]->box;

        return max(1, min(ArrayLayer::MAX_COLUMNS, count(array_filter($layers, fn (Layer $layer): bool => $layer->box->y < $first->bottom() - $first->height / 2))));
    }

    /** @param  list<Layer>  $layers  the usual distance between neighbours along an axis, px */
    private function gap(array $layers, Axis $axis): float
    {
        $gaps = [];
        foreach ($layers as $a) {
            $next = array_filter($layers, fn (Layer $b): bool => $axis->start($b->box) >= $axis->end($a->box) - 0.5
                && min($axis->across()->end($a->box), $axis->across()->end($b->box)) > max($axis->across()->start($a->box), $axis->across()->start($b->box)));
            if ($next !== []) {
                $gaps[] = min(array_map(fn (Layer $b): float => $axis->start($b->box), $next)) - $axis->end($a->box);
            }
        }
        sort($gaps);

        return $gaps === [] ? 16.0 : max(0.0, round($gaps[intdiv(count($gaps), 2)]));
    }
}
