<?php

declare(strict_types=1);

namespace Kindred\Kit\Widget;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Widget\Item;
use Kindred\Document\Widget\WidgetField;
use Kindred\Geometry\Box;
use Kindred\Kit\Listing;
use Kindred\Kit\Opening;
use Kindred\Kit\Press;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Signal\Kind;
use Kindred\Type\TextAlign;

/** One that is too low for its entries is drawn closed, and opens in a rehearsal. */
final class Menu implements Listing, Opening
{
    /** Height of an entry, px. */
    private const ROW = 40;

    public static function key(): string
    {
        return 'menu';
    }

    public function name(): string
    {
        return 'Menu';
    }

    public function tags(): string
    {
        return 'pop-up context entries commands';
    }

    public function size(): array
    {
        return [220, 184];
    }

    public function content(): Widget
    {
        return new Widget(self::key(), label: 'Menu', items: [new Item('Rename', icon: 'pencil', key: 'F2'), new Item('Duplicate', icon: 'copy', key: 'Ctrl D'), new Item('', separator: true), new Item('Delete', icon: 'trash-2')]);
    }

    public function fields(): array
    {
        return [WidgetField::Label, WidgetField::Items];
    }

    public function head(Widget $content): float
    {
        return 16 + 9 * self::separators($content);
    }

    public function rows(Widget $content): float
    {
        return count($content->items) - self::separators($content);
    }

    public function row(): float
    {
        return self::ROW;
    }

    public function signal(): Kind
    {
        return Kind::One;
    }

    public function opened(Layer $layer, Widget $content): ?Layer
    {
        return self::isClosed($content, $layer->box->height) ? self::opening($layer, $content) : null;
    }

    /** What opens below a widget: its entries, as a menu. */
    public static function opening(Layer $layer, Widget $content): Layer
    {
        $separators = self::separators($content);
        $height = 16 + self::ROW * (count($content->items) - $separators) + 9 * $separators;

        return $layer->with(content: $content->with(widget: self::key()), box: new Box(0, 0, max(160, $layer->box->width), max(56, $height)));
    }

    private static function separators(Widget $content): int
    {
        return count(array_filter($content->items, fn (Item $item): bool => $item->separator));
    }

    private static function isClosed(Widget $content, float $height): bool
    {
        $separators = self::separators($content);

        return $height < 16 + 20 * (count($content->items) - $separators) + 9 * $separators;
    }

    public function draw(Sketch $sketch, Widget $content): void
    {
        if (self::isClosed($content, $sketch->height)) {
            $this->closed($sketch, $content);

            return;
        }
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 10, Tone::Edge);
        $separators = self::separators($content);
        $each = ($sketch->height - 16 - 9 * $separators) / max(1, count($content->items) - $separators);
        $top = 8.0;
        foreach ($content->items as $i => $item) {
            if ($item->separator) {
                $sketch->rule(0, $top + 4, $sketch->width);
                $top += 9;

                continue;
            }
            $sketch->item($i, $item->label, 4, $top, $sketch->width - 8, $each, function () use ($sketch, $item, $top, $each): void {
                if ($item->on) {
                    $sketch->box(4, $top, $sketch->width - 8, $each, Tone::Tint, 6);
                }
                $edge = $sketch->space(14);
                $sketch->icon($item->icon, $edge, $top + ($each - 18) / 2, 18, Tone::Soft);
                $left = $item->icon === '' ? $edge : $edge + 18 + $sketch->space(10);
                $key = $item->key === '' ? 0 : $sketch->measure($item->key, 12) + 4;
                $sketch->words($item->label, $left, $top, $sketch->width - $left - $key - $edge - 4, $each, 14);
                $sketch->words($item->key, $sketch->width - $key - $edge, $top, $key, $each, 12, 400, Tone::Soft, TextAlign::Right);
            });
            $top += $each;
        }
    }

    private function closed(Sketch $sketch, Widget $content): void
    {
        $sketch->box(0, 0, $sketch->width, $sketch->height, Tone::Paper, 8, Tone::Edge);
        $sketch->area(Press::Open, 0, 0, $sketch->width, $sketch->height, label: $content->label);
        $edge = $sketch->space(14);
        $sketch->words($content->label, $edge, 0, $sketch->width - 2 * $edge - 20, $sketch->height, 15, 500);
        $sketch->icon('chevron-down', $sketch->width - 16 - $edge, ($sketch->height - 18) / 2, 18, Tone::Soft);
    }
}
