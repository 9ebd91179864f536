<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Input\InvalidInput;

/** One of the words, or icons, of a widget: `label`, `hint`, `text`, `icon`, `columns.1`, `items.0.label`, `items.0.cells.2`, `items.0.key`, `items.0.icon`. */
final readonly class WidgetPlace
{
    private const PLACE = '/^(?:(label|hint|text|icon)|columns\.(\d{1,3})|items\.(\d{1,3})\.(?:(label|key|icon)|cells\.(\d{1,3})))$/D';

    /**
     * @param  string  $property  of the widget, or of the item where there is one
     * @param  int|null  $item  whose it is
     * @param  int|null  $number  of the column, or the cell
     */
    private function __construct(private string $property, private ?int $item, private ?int $number)
    {
    }

    /** @throws InvalidInput when there is no such place */
    public static function parse(string $place, string $at = 'place'): self
    {
        if (preg_match(self::PLACE, $place, $match, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw new InvalidInput($at, "“{$place}” is no place of a widget.");
        }

        return match (true) {
            isset($match[1]) => new self($match[1], null, null),
            isset($match[2]) => new self('columns', null, (int) $match[2]),
            isset($match[4]) => new self($match[4], (int) $match[3], null),
            default => new self('cells', (int) $match[3], (int) $match[5]),
        };
    }

    /**
     * All places in the order in which widgets show them, with what stands there.
     *
     * @return array<string, string>
     */
    public static function all(Widget $widget, ?int $item = null): array
    {
        $all = $item === null ? ['label' => $widget->label, 'text' => $widget->text, 'hint' => $widget->hint, 'icon' => $widget->icon] : [];
        foreach ($item === null ? $widget->columns : [] as $i => $column) {
            $all["columns.{$i}"] = $column;
        }
        foreach ($widget->items as $i => $one) {
            if ($item !== null && $i !== $item) {
                continue;
            }
            $all["items.{$i}.label"] = $one->label;
            foreach ($one->cells as $j => $cell) {
                $all["items.{$i}.cells.{$j}"] = $cell;
            }
            $all["items.{$i}.key"] = $one->key;
            $all["items.{$i}.icon"] = $one->icon;
        }

        return $all;
    }

    /** @throws InvalidInput when the widget has no such place, or the words are too long */
    public function write(Widget $widget, string $words): Widget
    {
        // The line of an entry is looked at where it is read.
        $longest = $this->property === 'label' && $this->item !== null ? 100_000 : ($this->item === null && $this->property !== 'icon' && $this->property !== 'columns' ? Widget::MAX_LENGTH : ($this->property === 'icon' ? 60 : ($this->property === 'key' ? 40 : Item::MAX_LENGTH)));
        if (mb_strlen($words) > $longest) {
            throw new InvalidInput('words', "At most {$longest} characters fit here; these are ".number_format(mb_strlen($words)).'. Nothing was changed.');
        }
        if ($this->item === null) {
            return $this->property === 'columns'
                ? $widget->with(columns: $this->replaced($widget->columns, $words))
                : $widget->with(...[$this->property => $words]);
        }
        $items = $widget->items;
        $item = $items[$this->item] ?? throw new InvalidInput('place', 'That entry is no longer there. Nothing was changed.');
        if ($this->property === 'label') {
            return $widget->with(items: self::lines($items, $this->item, $words));
        }
        $words = trim((string) preg_replace('/\s+/u', ' ', $words));
        $items[$this->item] = $this->property === 'cells' ? $item->with(cells: $this->replaced($item->cells, $words)) : $item->with(...[$this->property => $words]);

        return $widget->with(items: $items);
    }

    /**
     * An entry written as its line (see ItemLines): more lines are more entries, hyphens a separator, none takes it away. What
     * a line does not say stays.
     *
     * @param  non-empty-list<Item>  $items
     * @return list<Item>
     */
    private static function lines(array $items, int $at, string $words): array
    {
        $old = $items[$at];
        $new = ItemLines::read(trim($words), [$old]);
        if ($new !== [] && ! $new[0]->separator) {
            [$first] = $new;
            $new[0] = $first->with(cells: $first->cells === [] ? $old->cells : $first->cells, icon: $first->icon === '' ? $old->icon : $first->icon, key: $first->key === '' ? $old->key : $first->key, on: $old->on);
        }
        $all = [...array_slice($items, 0, $at), ...$new, ...array_slice($items, $at + 1)];
        if (count($all) > Widget::MAX_ITEMS) {
            throw new InvalidInput('words', 'A widget holds at most '.Widget::MAX_ITEMS.' entries; with these it would have '.number_format(count($all)).'. Nothing was changed.');
        }

        return $all;
    }

    /**
     * @param  list<string>  $list
     * @return list<string>
     */
    private function replaced(array $list, string $words): array
    {
        if ($this->number === null || ! isset($list[$this->number])) {
            throw new InvalidInput('place', 'That cell is no longer there. Nothing was changed.');
        }
        $list[$this->number] = trim((string) preg_replace('/\s+/u', ' ', $words));

        return $list;
    }
}
