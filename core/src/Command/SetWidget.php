<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetField;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Sets one field of widgets from what was typed; other layers of the selection stay as they are. */
final readonly class SetWidget implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private WidgetField $field, private string $value)
    {
    }

    public static function type(): string
    {
        return 'set-widget';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->enum('field', WidgetField::class), $in->string('value', 400_000));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            if ($layer->content instanceof Widget) {
                $tree = $tree->withLayers($layer->with(content: $this->field->set($layer->content, $this->value)));
            }
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->value} of ".$this->naming($before, $this->layers);
    }
}
