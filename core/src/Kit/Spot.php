<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Document\Widget\WidgetPlace;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Kit\Widget\DatePicker;
use Kindred\Signal\Kind;

/**
 * What lies at a point of a widget and can be changed right there: words to write, an icon to exchange, or a state.
 *
 * `place` is one of WidgetPlace, with the part that shows it; otherwise `field` is to be set to `value`.
 */
final readonly class Spot
{
    /** How far beside words a press still means them, px. */
    private const SLACK = 6.0;

    private function __construct(public string $place = '', public string $words = '', public ?Layer $part = null, public ?WidgetField $field = null, public string $value = '')
    {
    }

    /**
     * Null where nothing of the kind lies there.
     *
     * @param  Kind|null  $signal  what the widget's value is; null for a widget without one
     */
    public static function at(Widget $widget, Sketch $sketch, ?Kind $signal, Point $point): ?self
    {
        $parts = $sketch->parts();
        for ($i = count($parts) - 1; $i >= 0; $i--) {
            if (self::holds($parts[$i]->layer->box, $point)) {
                $place = self::place($parts, $i, $widget);
                if ($place !== null) {
                    return new self($place, WidgetPlace::all($widget)[$place], $parts[$i]->layer);
                }
            }
        }
        $areas = array_reverse(array_filter($sketch->areas(), fn (Area $area): bool => self::holds($area->box, $point)));

        return $areas === [] || $signal === null ? null : self::pressed($areas[0], $signal, $widget);
    }

    /** The words that are shown next after those of a place, in the order in which they are drawn; null after the last. */
    public static function after(Widget $widget, Sketch $sketch, string $place): ?self
    {
        $parts = $sketch->parts();
        $found = $place === '';
        foreach ($parts as $i => $part) {
            $one = $part->layer->content instanceof Text ? self::place($parts, $i, $widget) : null;
            if ($one !== null && $found) {
                return new self($one, WidgetPlace::all($widget)[$one], $part->layer);
            }
            $found = $found || $one === $place;
        }

        return null;
    }

    /**
     * Of which place a part shows the words, or the icon: of several with the same the one that stands in the same order.
     *
     * @param  list<WidgetPart>  $parts
     */
    private static function place(array $parts, int $at, Widget $widget): ?string
    {
        $shown = self::shown($parts[$at]);
        if ($shown === null || $shown === '') {
            return null;
        }
        $icon = $parts[$at]->layer->content instanceof Icon;
        $before = count(array_filter(array_slice($parts, 0, $at), fn (WidgetPart $part): bool => $part->item === $parts[$at]->item && $part->layer->content::kind() === $parts[$at]->layer->content::kind() && self::shown($part) === $shown));
        $places = array_keys(array_filter(
            WidgetPlace::all($widget, $parts[$at]->item),
            fn (string $words, string $place): bool => str_ends_with($place, 'icon') === $icon && self::plain($words) === $shown, ARRAY_FILTER_USE_BOTH,
        ));

        return $places[$before] ?? ($places === [] ? null : $places[count($places) - 1]);
    }

    private static function shown(WidgetPart $part): ?string
    {
        $content = $part->layer->content;

        return match (true) {
            $content instanceof Text => self::plain($part->template),
            $content instanceof Icon => $content->icon,
            default => null,
        };
    }

    private static function pressed(Area $area, Kind $kind, Widget $widget): ?self
    {
        $set = fn (WidgetField $field, string $value): self => new self(field: $field, value: $value);
        $number = fn (float $value): self => $set(WidgetField::Value, Number::text(max($widget->min, min($widget->max, $value))));
        $on = array_keys(array_filter($widget->items, fn (Item $item): bool => $item->on));

        return match ($kind->value.' '.$area->press->value) {
            'on toggle' => $set(WidgetField::On, $widget->on ? 'false' : 'true'),
            'one item' => $set(WidgetField::Chosen, (string) $area->item),
            'several item' => $set(WidgetField::Chosen, implode(',', in_array($area->item, $on, true) ? array_diff($on, [$area->item]) : [...$on, $area->item])),
            'number item' => $number((float) $area->item + 1),
            'date item' => self::day($widget, (int) $area->item),
            'number less' => $number($widget->value - $widget->step),
            'number more' => $number($widget->value + $widget->step),
            default => null,
        };
    }

    /** A day of a calendar, by its cell; null for a cell of the months around. */
    private static function day(Widget $widget, int $cell): ?self
    {
        $month = DatePicker::month($widget);
        $day = $month === null ? 0 : $cell + 2 - (int) $month->format('N');

        return $month === null || $day < 1 || $day > (int) $month->format('t') ? null : new self(field: WidgetField::Value, value: (string) $day);
    }

    private static function holds(Box $box, Point $point): bool
    {
        return $point->x >= $box->x - self::SLACK && $point->x <= $box->right() + self::SLACK && $point->y >= $box->y && $point->y <= $box->bottom();
    }

    private static function plain(string $words): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $words));
    }
}
