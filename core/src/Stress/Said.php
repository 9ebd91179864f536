<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Document\Layer;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;

/** All words that a screen shows, said otherwise: of texts, widgets, data sheets and instances. */
final readonly class Said
{
    /** @param  \Closure(string): string  $otherwise */
    public function __construct(private \Closure $otherwise)
    {
    }

    /** The screen, and the components that it shows, with other words. */
    public function on(Tree $tree, string $screen): Tree
    {
        $layers = $tree->layersOf($screen);
        foreach ($tree->components($layers) as $design) {
            array_push($layers, ...$design);
        }
        $tree = $tree->withScreens(...array_map(fn (Screen $sheet): Screen => OverrideValues::ofSheet($sheet, $this->overrides(...)), array_values($tree->screens)));

        return $tree->withLayers(...array_map($this->layer(...), $layers));
    }

    public function layer(Layer $layer): Layer
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Text => $layer->with(content: $content->saying($this->said($content->words, Text::MAX_LENGTH))),
            $content instanceof Widget => $layer->with(content: $this->widget($content)),
            $content instanceof HasSheet => OverrideValues::ofLayer($layer->with(content: $content->holding($this->sheet($content->sheet()))), $this->overrides(...)),
            default => OverrideValues::ofLayer($layer, $this->overrides(...)),
        };
    }

    /** Placeholders stay: nobody translates what a signal says. */
    public function said(string $words, int $max): string
    {
        if (trim($words) === '' || str_contains($words, '{') || preg_match('/\pL/u', $words) !== 1) {
            return $words;
        }

        return mb_substr(($this->otherwise)($words), 0, $max);
    }

    private function widget(Widget $widget): Widget
    {
        $item = fn (Item $one): Item => $one->with(label: $this->said($one->label, Item::MAX_LENGTH), cells: array_map(fn (string $cell): string => $this->said($cell, Item::MAX_LENGTH), $one->cells));

        return $widget->with(
            label: $this->said($widget->label, Widget::MAX_LENGTH), hint: $this->said($widget->hint, Widget::MAX_LENGTH), text: $this->said($widget->text, Widget::MAX_LENGTH),
            items: array_map($item, $widget->items), columns: array_map(fn (string $one): string => $this->said($one, Item::MAX_LENGTH), $widget->columns),
        );
    }

    private function sheet(Sheet $sheet): Sheet
    {
        $columns = array_map(fn (Column $one): string => $one->id, array_filter($sheet->columns, fn (Column $one): bool => $one->slot === Slot::Words && $one->layer !== null));

        return $columns === [] ? $sheet : $sheet->with(rows: array_map(function (Row $row) use ($columns): Row {
            foreach (array_intersect_key($row->cells(), array_flip($columns)) as $column => $value) {
                $row = $row->with($column, $this->said($value, Sheet::MAX_LENGTH));
            }

            return $row;
        }, $sheet->rows));
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $of  see `OverrideValues`
     * @return array<array-key, array<array-key, mixed>>
     */
    private function overrides(array $of): array
    {
        foreach ($of as $layer => $values) {
            if (is_string($values['words'] ?? null)) {
                $of[$layer]['words'] = $this->said($values['words'], Text::MAX_LENGTH);
            }
        }

        return $of;
    }
}
