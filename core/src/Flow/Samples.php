<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Render\FilledWords;
use Kindred\Signal\Kind;
use Kindred\Signal\Template;

/**
 * What words with placeholders show while nothing is played: the values that the widgets start with, and where one starts empty a
 * sample of what it takes (its hint, its first entry).
 *
 * @phpstan-import-type SignalRow from Programme
 */
final class Samples implements FilledWords
{
    /** The sample of the generated number: the same in every picture. */
    private const SEED = 20_261;

    /** @var array<string, Kind> */
    private readonly array $kinds;

    /** @var array<string, SignalRow> */
    private readonly array $rows;

    /**
     * @param  Tree  $tree  all screens with their widgets, and the containers around these; nothing else is looked at
     * @param  int  $today  days since 1 January 1970
     */
    public function __construct(Tree $tree, private readonly int $today)
    {
        $signals = new Signals($tree);
        $this->kinds = $signals->kinds;
        $rows = [];
        foreach ($signals->of as $key => $name) {
            $rows[$name] ??= self::row($signals->widgets[$key], $signals->kinds[$name]);
        }
        $this->rows = $rows;
    }

    /** The words with their placeholders filled in; invalid formulas, and those that read a signal that does not exist, stay as written. */
    public function words(string $words): string
    {
        $compiled = Template::hasPlaceholders($words) ? Template::compile($words, $this->kinds) : null;

        return $compiled === null ? $words : (new Values(['signals' => $this->rows, 'widgets' => [], 'words' => [$words => $compiled]], self::SEED, $this->today))->words($words);
    }

    /** A widget with all of its words so. */
    public function widget(Widget $widget): Widget
    {
        $fill = $this->words(...);

        return $widget->with(
            label: $fill($widget->label), hint: $fill($widget->hint), text: $fill($widget->text), columns: array_map($fill, $widget->columns),
            items: array_map(fn (Item $item): Item => $item->with(label: $fill($item->label), cells: array_map($fill, $item->cells), key: $fill($item->key)), $widget->items),
        );
    }

    /** Differs where any words could show something else. */
    public function key(): string
    {
        return hash('xxh128', serialize([$this->kinds, $this->rows, $this->today]));
    }

    /** @return SignalRow */
    private static function row(Widget $widget, Kind $kind): array
    {
        $row = SignalRows::row($widget, $kind);
        $start = match (true) {
            $kind === Kind::Text && $row['start'] === '' => $widget->hint !== '' ? $widget->hint : $widget->label,
            $kind === Kind::One && $row['start'] === -1 && $widget->items !== [] => 0,
            $kind === Kind::Several && $row['start'] === [] && $widget->items !== [] => [0],
            $kind === Kind::Date && $row['start'] === null => $row['month'],
            default => $row['start'],
        };

        return ['start' => $start] + $row;
    }
}
