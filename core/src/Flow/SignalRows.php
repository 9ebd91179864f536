<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Accepts;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Geometry\Number;
use Kindred\Kit\Kit;
use Kindred\Kit\Widget\DatePicker;
use Kindred\Signal\Kind;
use Kindred\Signal\SignalName;
use Kindred\Signal\Writing;

/**
 * What the programme says of a widget's value: where it starts, what can be read of it, and which rules it is held to.
 *
 * @phpstan-import-type SignalRow from Programme
 * @phpstan-import-type Rule from Programme
 */
final class SignalRows
{
    /** A valid e-mail address, as the HTML Living Standard has it (4.10.5.1.5, E-mail state). */
    private const EMAIL = "^[a-zA-Z0-9.!#$%&'*+/=?^_`{|}~-]+@[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?(?:\\.[a-zA-Z0-9](?:[a-zA-Z0-9-]{0,61}[a-zA-Z0-9])?)*$";

    /** @return SignalRow */
    public static function row(Widget $widget, Kind $kind): array
    {
        $month = $kind === Kind::Date ? DatePicker::month($widget) : null;
        $first = $month === null ? null : intdiv($month->getTimestamp(), 86_400);

        return [
            'kind' => $kind->value,
            'start' => match ($kind) {
                Kind::On => $widget->on,
                Kind::One => $widget->chosen(),
                Kind::Several => array_keys(array_filter($widget->items, fn (Item $item): bool => $item->on)),
                Kind::Number => $widget->value,
                Kind::Text => $widget->text,
                Kind::Date => $first === null || $widget->value < 1 ? null : $first + (int) $widget->value - 1,
            },
            'month' => $first,
            'min' => $widget->min,
            'max' => $widget->max,
            'step' => $widget->step,
            'labels' => $kind->hasItems() ? array_map(fn (Item $item): string => $item->label, $widget->items) : [],
            'parts' => $kind->hasItems() ? self::parts($widget) : [],
        ];
    }

    /**
     * What can be read of the items beside their labels: the cells under each heading, by its words, and `value`, the
     * first number in the cells, or in the label.
     *
     * @return array<string, list<string>>
     */
    private static function parts(Widget $widget): array
    {
        $parts = ['value' => array_map(self::value(...), $widget->items)];
        foreach ($widget->columns as $i => $heading) {
            $parts[SignalName::of($heading)] ??= array_map(fn (Item $item): string => [$item->label, ...$item->cells][$i] ?? '', $widget->items);
        }

        return $parts;
    }

    private static function value(Item $item): string
    {
        foreach ([...$item->cells, $item->label] as $words) {
            if (Writing::number($words) !== null) {
                return $words;
            }
        }

        return '';
    }

    /** @return list<Rule> the first that is broken is told */
    public static function rules(Widget $widget, Signals $signals): array
    {
        $kind = Kit::find($widget->widget);
        $fields = $kind?->fields() ?? [];
        $typed = in_array(WidgetField::Accepts, $fields, true);
        $n = Number::text(...);
        $rules = [];
        if ($widget->required) {
            $rules[] = ['kind' => 'required', 'says' => $widget->items === [] ? 'Fill this in' : 'Choose one'];
        }
        if ($typed && $widget->accepts === Accepts::Email) {
            $rules[] = ['kind' => 'matches', 'pattern' => self::EMAIL, 'says' => 'Not a whole e-mail address'];
        }
        if ($typed && $widget->accepts === Accepts::Number) {
            $rules[] = ['kind' => 'number', 'says' => 'Not a number'];
            $rules[] = ['kind' => 'range', 'min' => $widget->min, 'max' => $widget->max, 'says' => "From {$n($widget->min)} to {$n($widget->max)}"];
        }
        if ($widget->equals !== '' && isset($signals->kinds[$widget->equals])) {
            $rules[] = ['kind' => 'equal', 'to' => $widget->equals, 'says' => 'Not the same as '.$signals->label($widget->equals)];
        }

        return $rules;
    }
}
