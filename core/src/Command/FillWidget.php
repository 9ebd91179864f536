<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetField;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Fills a widget from a table that was copied elsewhere: a line an entry, its cells apart by tabs. Where the widget has
 * headings, the first line becomes these if it says no numbers and a later one does; otherwise the headings stay.
 */
final readonly class FillWidget implements Command
{
    use OnLayers;

    private function __construct(private ?string $screen, private string $layer, private string $table)
    {
    }

    public static function type(): string
    {
        return 'fill-widget';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->string('table', 400_000, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);
        $widget = $layer->content;
        if (! $widget instanceof Widget) {
            throw new InvalidInput('layer', "“{$layer->name}” is no widget. Nothing was changed.");
        }
        [$first, $rest] = [...explode("\n", str_replace(["\r\n", "\r"], "\n", $this->table), 2), ''];
        if ($widget->columns !== [] && trim($rest) !== '' && ! self::counts($first) && self::counts($rest)) {
            $widget = WidgetField::Columns->set($widget, $first);

            return $tree->withLayers($layer->with(content: WidgetField::Items->set($widget, $rest)));
        }

        return $tree->withLayers($layer->with(content: WidgetField::Items->set($widget, $this->table)));
    }

    /** Whether some cell is a number, or begins with one. */
    private static function counts(string $lines): bool
    {
        return preg_match('/(?:^|[\t\n])\s*[^\pL\t\n]{0,2}\d/u', $lines) === 1;
    }

    public function label(Tree $before): string
    {
        return 'Paste into '.$this->naming($before, [$this->layer]);
    }
}
