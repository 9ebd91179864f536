<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Property\Affects;
use Kindred\Property\Animation;

/** All properties of layers that are typed or chosen, as a page to read: what each holds, and what can be done with it. */
final class FieldList
{
    public static function markdown(): string
    {
        $rows = [];
        foreach ([...Field::all(), ...Field::wholes()] as $path => $field) {
            $rows[$path] = '| '.implode(' | ', [
                "`{$path}`", $field->label(), $field->describe(), $field->declaredBy() === [] ? 'all' : implode(', ', $field->declaredBy()),
                match ($field->affects()) {
                    Affects::Layout => 'layout',
                    Affects::Paint => 'paint',
                    Affects::Nothing => 'nothing',
                },
                $field->animation() === Animation::None ? '' : $field->animation()->value, $field->isBindable() ? 'yes' : '', $field->isOverridable() ? 'yes' : '',
            ]).' |';
        }
        ksort($rows);

        return <<<'MD'
            # Properties of layers

            Everything of a layer that an edit may set, by its path; of lists the first entry stands for all. It follows from what the classes declare and is written by `php artisan kindred:declared`. The kinds are those that declare it; a layer has of it what its kind paints. How a property runs from one value to another is meant as Web Animations 1 has it (section 5.2): by value, or at once; what can be bound may take its value from a token or a signal; what a cell may have of its own can be otherwise there than in the design of the array.

            | Path | Called | Holds | Kinds | A change affects | Animated | Bound | In a cell |
            |---|---|---|---|---|---|---|---|

            MD.implode("\n", $rows)."\n";
    }
}
