<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\Layer\Widget;
use Kindred\Input\InvalidInput;

/**
 * Items as they are typed: one a line, its cells apart by tabs (as a spreadsheet copies them) or bars; before the label an
 * icon of the library in square brackets; at the end the key that chooses it in pointed ones; a line of hyphens is a
 * separator.
 */
final class ItemLines
{
    /** @param  list<Item>  $items */
    public static function write(array $items): string
    {
        return implode("\n", array_map(fn (Item $item): string => $item->separator ? '---' : ($item->icon === '' ? '' : "[{$item->icon}] ").implode(' | ', [$item->label, ...$item->cells]).($item->key === '' ? '' : " <{$item->key}>"), $items));
    }

    /**
     * @param  list<Item>  $before  whose state stays with their labels
     * @return list<Item>
     */
    public static function read(string $text, array $before): array
    {
        $lines = explode("\n", rtrim(str_replace(["\r\n", "\r"], "\n", $text), "\n"));
        if ($lines === ['']) {
            return [];
        }
        if (count($lines) > Widget::MAX_ITEMS) {
            throw new InvalidInput('value', 'A widget holds at most '.Widget::MAX_ITEMS.' entries; these are '.number_format(count($lines)).'. Take the part that shows the design. Nothing was changed.');
        }
        $items = [];
        foreach ($lines as $i => $line) {
            if (preg_match('/^\s*-{3,}\s*$/', $line) === 1) {
                $items[] = new Item('', separator: true);

                continue;
            }
            preg_match('/^\s*(?:\[([a-z0-9-]{1,60})\]\s*)?(.*?)(?:\s+<([^<>]{1,40})>\s*)?$/Ds', $line, $match);
            $cells = array_map(trim(...), explode("\t", str_replace('|', "\t", $match[2] ?? '')));
            foreach ($cells as $cell) {
                if (mb_strlen($cell) > Item::MAX_LENGTH) {
                    throw new InvalidInput('value', 'Entry '.($i + 1).' has more than '.Item::MAX_LENGTH.' characters. Nothing was changed.');
                }
            }
            $label = array_shift($cells);
            if (count($cells) > Item::MAX_CELLS) {
                throw new InvalidInput('value', 'Entry '.($i + 1).' has more than '.number_format(Item::MAX_CELLS).' cells. Nothing was changed.');
            }
            $old = self::like($label, $i, $before);
            $items[] = new Item($label, $cells, $old->on ?? false, $match[1] ?? '', trim($match[3] ?? ''));
        }

        return $items;
    }

    /**
     * The item that a line stood for before: the one with its label, or the one in its place.
     *
     * @param  list<Item>  $before
     */
    private static function like(string $label, int $at, array $before): ?Item
    {
        foreach ($before as $item) {
            if ($item->label === $label && ! $item->separator) {
                return $item;
            }
        }

        return $before[$at] ?? null;
    }
}
