<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Signal\Kind;

/**
 * A working widget in all of its states at once: each is drawn, and what is drawn alike is taken together, so that a
 * rehearsal has only to show and hide.
 */
final readonly class Variants
{
    /** @var list<WidgetPart> */
    public readonly array $parts;

    /** @var list<Area> */
    public readonly array $areas;

    /** @param  \Closure(Widget, bool|null, bool): Sketch  $draw  draws a content: all items chosen, none, or as they are; wrong or right */
    public function __construct(Widget $content, Kind $kind, \Closure $draw)
    {
        $states = self::states($content, $kind);
        [$parts, $areas] = [[], []];
        foreach ($states as $name => [$state, $chosen]) {
            $sketch = $draw($state, $chosen, false);
            $parts = self::merged($parts, $sketch->parts(), $name);
            foreach ($sketch->areas() as $area) {
                $key = "{$area->press->value} {$area->item} {$area->label}";
                $areas[$key] = $area->in([...($areas[$key]->when ?? []), $name]);
            }
        }
        $parts = array_map(fn (WidgetPart $part): WidgetPart => self::shown($part, $kind, count($states)), $parts);
        $this->parts = self::ruled($parts, $draw, ...array_values($states)[count($states) - 1]);
        $this->areas = array_map(fn (Area $area): Area => count($area->when) === count($states) ? $area->in([]) : $area, array_values($areas));
    }

    /** @return array<string, array{Widget, bool|null}> each with what is said of all of its items */
    private static function states(Widget $content, Kind $kind): array
    {
        $items = fn (bool $on): Widget => $content->with(items: array_map(fn (Item $item): Item => $item->with(on: $on), $content->items));

        return match ($kind) {
            Kind::On => ['off' => [$content->with(on: false), null], 'on' => [$content->with(on: true), null]],
            Kind::One, Kind::Several => ['off' => [$items(false), false], 'on' => [$items(true), true]],
            Kind::Number => [
                'min' => [$content->with(value: $content->min), null],
                'between' => [$content->with(value: ($content->min + $content->max) / 2), null],
                'max' => [$content->with(value: $content->max), null],
            ],
            Kind::Text => ['empty' => [$content->with(text: ''), null], 'filled' => [$content->with(text: 'x'), null]],
            Kind::Date => ['off' => [$content, false], 'on' => [$content, true]],
        };
    }

    /** The states in which a part is shown, from those in which it was drawn and the number of all. */
    private static function shown(WidgetPart $part, Kind $kind, int $states): WidgetPart
    {
        if (count($part->when) === $states) {
            return $part->in([]);
        }
        if ($kind !== Kind::Number || $part->item === null) {
            return $part;
        }

        // Of a scale of items each is on from its own value on.
        return $part->in([in_array('max', $part->when, true) ? 'on' : 'off']);
    }

    /**
     * With what is shown only while the value is right, or wrong.
     *
     * @param  list<WidgetPart>  $parts
     * @param  \Closure(Widget, bool|null, bool): Sketch  $draw
     * @return list<WidgetPart>
     */
    private static function ruled(array $parts, \Closure $draw, Widget $state, ?bool $chosen): array
    {
        $right = $draw($state, $chosen, false);
        if (! $right->showsValidity()) {
            return $parts;
        }
        $wrong = $draw($state, $chosen, true)->parts();
        $out = [];
        foreach (self::merged($parts, $wrong, 'wrong') as $part) {
            $both = count($part->when) > 1 || ! in_array('wrong', $part->when, true) || self::has($parts, $part);
            $when = $both ? array_values(array_diff($part->when, ['wrong'])) : $part->when;
            $out[] = $part->in($both && self::has($right->parts(), $part) && ! self::has($wrong, $part) ? [...$when, 'right'] : $when);
        }

        return $out;
    }

    /** @param  list<WidgetPart>  $parts */
    private static function has(array $parts, WidgetPart $part): bool
    {
        foreach ($parts as $other) {
            if ($other->like($part)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Two drawings as one, in the order in which both are painted.
     *
     * @param  list<WidgetPart>  $known  with the states that they are in
     * @param  list<WidgetPart>  $new
     * @return list<WidgetPart>
     */
    private static function merged(array $known, array $new, string $state): array
    {
        $out = [];
        $at = 0;
        foreach ($known as $part) {
            $i = $at;
            while ($i < count($new) && ! $new[$i]->like($part)) {
                $i++;
            }
            if ($i < count($new)) {
                for (; $at < $i; $at++) {
                    $out[] = $new[$at]->in([$state]);
                }
                $at++;
                $part = $part->merged($new[$i])->in([...$part->when, $state]);
            } else {
                // What is new of the items before comes before.
                for (; $at < count($new) && $part->item !== null && $new[$at]->item !== null && $new[$at]->item < $part->item; $at++) {
                    $out[] = $new[$at]->in([$state]);
                }
            }
            $out[] = $part;
        }
        for (; $at < count($new); $at++) {
            $out[] = $new[$at]->in([$state]);
        }

        return $out;
    }
}
