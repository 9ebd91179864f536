<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\Edit\Typed;
use Kindred\Document\Layer\Widget;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** What of a widget can be edited, by what is typed. */
enum WidgetField: string
{
    use Typed;

    case Label = 'label';
    case Hint = 'hint';
    case Text = 'text';
    case Icon = 'icon';
    case On = 'on';
    case Value = 'value';
    case Least = 'least';
    case Most = 'most';
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
    public const RANGE = [self::Value, self::Least, self::Most, self::Step];

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
            self::Label, self::Hint, self::Text, self::Icon, self::Signal, self::Equals => $widget->{$this->value},
            self::Required => $widget->required ? 'true' : 'false',
            self::Accepts => $widget->accepts->value,
            self::On => $widget->on ? 'true' : 'false',
            self::Value, self::Least, self::Most, self::Step => rtrim(rtrim(number_format($widget->{$this->value}, 3, '.', ''), '0'), '.'),
            self::Columns => implode("\t", $widget->columns),
            self::Items => ItemLines::write($widget->items),
            self::Chosen => implode(',', array_keys(array_filter($widget->items, fn (Item $item): bool => $item->on))),
        };
    }

    /** @throws InvalidInput */
    public function set(Widget $widget, string $value): Widget
    {
        return match ($this) {
            self::Label, self::Hint, self::Text => $widget->with(...[$this->value => $this->text($value)]),
            self::Icon => $widget->with(icon: Reader::of(['value' => $value])->string('value', 60)),
            self::On, self::Required => $widget->with(...[$this->value => $value === 'true']),
            self::Signal, self::Equals => $widget->with(...[$this->value => Widget::signalName($value, 'value')]),
            self::Accepts => $widget->with(accepts: Reader::of(['value' => $value])->enum('value', Accepts::class)),
            self::Value => $widget->with(value: max($widget->least, min($widget->most, $this->amount($value, $widget->value)))),
            self::Least => $this->ranged($widget, $this->amount($value, $widget->least), $widget->most),
            self::Most => $this->ranged($widget, $widget->least, $this->amount($value, $widget->most)),
            self::Step => $widget->with(step: max(0.001, $this->amount($value, $widget->step))),
            self::Columns => $widget->with(columns: $this->columns($value)),
            self::Items => $widget->with(items: ItemLines::read($value, $widget->items)),
            self::Chosen => $this->chosen($widget, $value),
        };
    }

    private function text(string $value): string
    {
        if (mb_strlen($value) > Widget::MAX_LENGTH) {
            throw new InvalidInput('value', 'The '.$this->value.' holds at most '.number_format(Widget::MAX_LENGTH).' characters; this has '.number_format(mb_strlen($value)).'. Nothing was changed.');
        }

        return $value;
    }

    private function ranged(Widget $widget, float $least, float $most): Widget
    {
        if ($most < $least) {
            throw new InvalidInput('value', 'The most cannot be below the least. Nothing was changed.');
        }

        return $widget->with(least: $least, most: $most, value: max($least, min($most, $widget->value)));
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
        if (count($columns) > 30) {
            throw new InvalidInput('value', 'A table has at most 30 columns; this would have '.count($columns).'. Nothing was changed.');
        }

        return $columns;
    }

    private function chosen(Widget $widget, string $value): Widget
    {
        $on = array_fill_keys(array_map(intval(...), array_filter(explode(',', $value), is_numeric(...))), true);

        return $widget->with(items: array_map(fn (Item $item, int $i): Item => $item->with(on: isset($on[$i])), $widget->items, array_keys($widget->items)));
    }

    private function amount(string $value, float $has): float
    {
        return $this->number($value, $has, -Reader::LIMIT, Reader::LIMIT, Number::text($has));
    }
}
