<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;

/** Widgets become another kind; what they hold stays. One that is named after its kind takes the new name. */
final readonly class ConvertWidgets implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private Widget $into, private string $name)
    {
    }

    public static function type(): string
    {
        return 'convert-widgets';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $widget = Widget::read($in), Kit::find($widget->widget)?->name() ?? $in->fail('widget', "there is no widget “{$widget->widget}”"));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $content = $layer->content;
            if ($content instanceof Widget) {
                $named = mb_strtolower(str_replace(' ', '-', $layer->name)) === $content->widget || $layer->name === 'Widget';
                $tree = $tree->withLayers($layer->with(content: $content->with(widget: $this->into->widget), name: $named ? $this->name : $layer->name));
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return 'Make a '.mb_strtolower($this->name).' of '.$this->naming($before, $this->layers);
    }
}
