<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetPlace;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets the words at one place of a widget: its label, an item, a cell. */
final readonly class WriteWidget implements Command
{
    use OnLayers;

    private function __construct(private ?string $screen, private string $layer, private WidgetPlace $place, private string $words)
    {
    }

    public static function type(): string
    {
        return 'write-widget';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), WidgetPlace::parse($in->string('place', 40), $in->at('place')), $in->string('words', 20_000));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);
        if (! $layer->content instanceof Widget) {
            throw new InvalidInput('layer', "“{$layer->name}” is no widget. Nothing was changed.");
        }

        return $tree->withLayers($layer->with(content: $this->place->write($layer->content, $this->words)));
    }

    public function label(Tree $before): string
    {
        return 'Write in '.$this->naming($before, [$this->layer]);
    }
}
