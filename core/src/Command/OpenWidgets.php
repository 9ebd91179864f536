<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Group;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Rank;
use Kindred\Document\Style\Corners;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;

/** Makes plain layers of widgets: groups of what they are drawn from, which take over their names, cues and places in the layout. */
final readonly class OpenWidgets implements UsesKit
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $seed, private ?Kit $kit = null)
    {
    }

    public static function type(): string
    {
        return 'open-widgets';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('seed', 64, false));
    }

    public function withKit(Kit $kit): static
    {
        return new self($this->screen, $this->layers, $this->seed, $kit);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        $ids = new Id($this->seed);
        foreach ($this->selected($tree, $this->screen, $this->layers) as $widget) {
            if (! $widget->content instanceof Widget) {
                throw new InvalidInput('layers', "“{$widget->name}” is not a widget.");
            }
            $group = $widget->with(id: $ids->next(), content: new Group, fills: [], strokes: [], corners: new Corners);
            $parts = $this->kit?->parts($widget) ?? throw new \LogicException('Widgets are opened with the kit.');
            $ranks = Rank::spread(null, null, count($parts));
            $tree = $tree->withoutLayers($widget->id)->withLayers($group, ...array_map(
                fn (Layer $part, string $rank): Layer => $part->with(id: $ids->next(), screen: $group->screen, parent: $group->id, rank: $rank),
                $parts, $ranks,
            ));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "Open {$this->naming($before, $this->layers)}";
    }
}
