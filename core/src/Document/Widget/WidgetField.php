<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Input\InvalidInput;
use Kindred\Property\Path;
use Kindred\Property\Typing;

/** What of a widget can be edited, by what is typed. */
enum WidgetField: string
{
    case Label = 'label';
    case Hint = 'hint';
    case Text = 'text';
    case Icon = 'icon';
    case On = 'on';
    case Value = 'value';
    case Min = 'min';
    case Max = 'max';
    case Step = 'step';
    case Columns = 'columns';
    case Items = 'items';
    case Signal = 'signal';
    case Required = 'required';
    case Accepts = 'accepts';
    case Equals = 'equals';
    /** The numbers of the items that are on, from 0, apart by commas. */
    case Chosen = 'chosen';

    /** The range that a value lies in, and its steps. */
    public const RANGE = [self::Value, self::Min, self::Max, self::Step];

    /** What fields for text are held to. */
    public const RULES = [self::Required, self::Accepts, self::Equals];

    public function label(): string
    {
        return $this->value;
    }

    /** The value as it is typed. */
    public function of(Widget $widget): string
    {
        return match ($this) {
            self::Columns => implode("\t", $widget->columns),
            self::Items => ItemLines::write($widget->items),
            self::Chosen => implode(',', array_keys(array_filter($widget->items, fn (Item $item): bool => $item->on))),
            default => (string) Path::of($this->value)->shown($widget),
        };
    }

    /** @throws InvalidInput */
    public function set(Widget $widget, string $value): Widget
    {
        return match ($this) {
            self::Label, self::Hint, self::Text => $widget->with(...[$this->value => $this->text($value)]),
            self::Columns => $widget->with(columns: $this->columns($value)),
            self::Items => $widget->with(items: ItemLines::read($value, $widget->items)),
            self::Chosen => $this->chosen($widget, $value),
            default => $this->ranged(Path::of($this->value)->typed($widget, $value, Typing::alone())),
        };
    }

    private function text(string $value): string
    {
        if (mb_strlen($value) > Widget::MAX_LENGTH) {
            throw new InvalidInput('value', 'The '.$this->value.' holds at most '.number_format(Widget::MAX_LENGTH).' characters; this has '.number_format(mb_strlen($value)).'. Nothing was changed.');
        }

        return $value;
    }

    private function ranged(Widget $widget): Widget
    {
        if ($widget->max < $widget->min) {
            throw new InvalidInput('value', 'The maximum cannot be below the minimum. Nothing was changed.');
        }

        return $widget->with(value: max($widget->min, min($widget->max, $widget->value)));
    }

    /** @return list<string> */
    private function columns(string $value): array
    {
        $columns = trim($value) === '' ? [] : array_map(trim(...), explode("\t", str_replace(['|', "\r", "\n"], ["\t", '', ''], $value)));
        foreach ($columns as $column) {
            if (mb_strlen($column) > Item::MAX_LENGTH) {
                throw new InvalidInput('value', 'A heading holds at most '.Item::MAX_LENGTH.' characters. Nothing was changed.');
            }
        }
        if (count($columns) > Widget::MAX_COLUMNS) {
            throw new InvalidInput('value', 'A table has at most '.Widget::MAX_COLUMNS.' columns; this would have '.count($columns).'. Nothing was changed.');
        }

        return $columns;
    }

    private function chosen(Widget $widget, string $value): Widget
    {
        $on = array_fill_keys(array_map(intval(...), array_filter(explode(',', $value), is_numeric(...))), true);

        return $widget->with(items: array_map(fn (Item $item, int $i): Item => $item->with(on: isset($on[$i])), $widget->items, array_keys($widget->items)));
    }
}
