<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layout\Size;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Rank;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Design;
use Kindred\Document\Sheet\Fed;
use Kindred\Document\Sheet\Feed;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;

/**
 * Makes layers of one place the design of a cell, in an array of as many columns as there is room for.
 *
 * Each text and each picture in it gets a column of the data sheet, which begins with three rows of what
 * is there. What spans the design is pinned to both its sides, so that it follows the width of a column.
 */
final readonly class ArrayLayers implements Command
{
    use FromLayers;

    private const ROWS = 3;

    private const GAP = 16.0;

    public static function type(): string
    {
        return 'array-layers';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $top = $this->together($layers);
        $ids = Id::in($tree, $this->seed);
        $around = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $layers));
        if ($around === null) {
            throw new InvalidInput('layers', 'There is nothing to make an array of.');
        }
        $array = new Layer($ids->next(), $this->screen, $top->parent, $top->rank, 'Array', $around, new ArrayLayer);
        if (count($layers) === 1) {
            // It lies in what is around as the one layer did.
            $sizing = new Sizing(width: $top->sizing->width === Size::Stretch ? Size::Stretch : null, alignSelf: $top->sizing->alignSelf, absolute: $top->sizing->absolute);
            $array = $array->with(sizing: $sizing, pins: $top->pins);
        }
        $design = count($layers) === 1
            ? $top->with(box: $top->box->movedBy(-$around->x, -$around->y))
            : new Layer($ids->next(), $this->screen, $array->id, 'm', 'Cell', new Box(0, 0, $around->width, $around->height), new Group);
        $tree = $tree->withLayers($array, $design);
        if (count($layers) > 1) {
            foreach (Rank::spread(null, null, count($layers)) as $i => $rank) {
                $tree = $tree->withLayers($layers[$i]->with(parent: $design->id, rank: $rank, box: $layers[$i]->box->movedBy(-$around->x, -$around->y)));
            }
        }
        $tree = Design::of($tree, $design, $array->id);
        $room = $this->room($tree, $array);
        $columns = max(1, min(6, (int) floor(($room + self::GAP) / ($around->width + self::GAP))));

        $sheet = $this->sheet($tree, $design, $ids);
        $tree = self::fedHere($tree, $array, $sheet);

        return $tree->withLayers($array->with(
            content: new ArrayLayer($columns, max(1.0, round($around->width)), self::GAP, self::GAP, sheet: $sheet),
            box: $around->sized($columns * $around->width + ($columns - 1) * self::GAP, $around->height),
        ));
    }

    public function label(Tree $before): string
    {
        return "Make an array of {$this->naming($before, $this->layers)}";
    }

    /** The width from the array's left edge to as far from the other side of what it lies in. */
    private function room(Tree $tree, Layer $array): float
    {
        $width = match (true) {
            $array->parent !== null => $tree->layer($array->parent)->box->width,
            $array->screen !== null => $tree->screen($array->screen)->box->width,
            default => 3 * $array->box->width + 2 * self::GAP + 2 * $array->box->x,
        };

        return $width - 2 * max(0.0, min($array->box->x, $width - $array->box->right()));
    }

    /** Columns of arrays around this one no longer feed what its own sheet does; they keep their values. */
    private static function fedHere(Tree $tree, Layer $array, Sheet $sheet): Tree
    {
        foreach ($tree->expanding($array) as $around) {
            if ($around->content instanceof HasSheet) {
                $own = $around->content->sheet();
                $columns = array_map(fn (Column $column): Column => $sheet->feeding($column->layer ?? '', $column->slot) === null ? $column : $column->with(layer: null), $own->columns);
                $tree = $tree->withLayers($around->with(content: $around->content->holding($own->with(columns: $columns))));
            }
        }

        return $tree;
    }

    /** What lies in the cells of a further array is fed by that one. */
    private function sheet(Tree $tree, Layer $design, Id $ids): Sheet
    {
        $columns = $cells = $names = [];
        $around = count($tree->expanding($tree->layer($design->id)));
        foreach (Fed::in($tree, $design) as $address => $part) {
            $within = Address::of($address);
            $instance = $within->copies === [] ? null : $tree->layer($within->copies[0]);
            if (count($tree->expanding($instance ?? $part)) > $around || ($instance !== null && $tree->expanding($part) !== [])) {
                continue;
            }
            foreach ([Slot::Words, Slot::Picture, Slot::Value] as $slot) {
                // Of instances what they are meant to fill in.
                $isMeant = $instance === null || $tree->component($instance->component())?->slotOf($within->within(), $slot->path()) !== null;
                if ($isMeant && Feed::fits($slot, $part) && count($columns) < Sheet::MAX_COLUMNS) {
                    $name = DuplicateScreen::free($part->name, $names);
                    $names[] = $name;
                    $columns[] = $column = new Column($ids->next(), $name, $slot, $address);
                    $cells[$column->id] = mb_substr(Feed::of($slot, $part), 0, Sheet::MAX_LENGTH);
                }
            }
        }

        return new Sheet($columns, array_map(fn (): Row => Row::of($ids->next(), $cells), range(1, self::ROWS)));
    }
}
