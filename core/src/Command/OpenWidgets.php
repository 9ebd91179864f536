<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Composed;
use Kindred\Document\Layer\Group;
use Kindred\Document\Rank;
use Kindred\Document\Style\Corners;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;

/** Makes plain layers of widgets and charts: groups of what they are drawn from, which take over their names, cues and places in the layout; of charts with a group for each series. */
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
        $ids = Id::in($tree, $this->seed);
        foreach ($this->selected($tree, $this->screen, $this->layers) as $widget) {
            if (! $widget->content instanceof Composed) {
                throw new InvalidInput('layers', "“{$widget->name}” is neither a widget nor a chart.");
            }
            $group = $widget->with(id: $ids->next(), content: new Group, fills: [], strokes: [], corners: new Corners);
            $sections = $this->kit?->wearing($tree->look($widget->screen))->sections($widget) ?? throw new \LogicException('Widgets are opened with the kit.');
            $tree = $tree->withoutLayers($widget->id)->withLayers($group);
            foreach (Rank::spread(null, null, count($sections)) as $i => $rank) {
                [$name, $parts] = $sections[$i];
                $around = $name === '' || count($sections) === 1 ? null : Box::around(...array_map(fn (Layer $part): Box => $part->box, $parts));
                $tree = $around === null || count($parts) === 1
                    ? self::put($tree, $group, $parts, new Point(0, 0), count($sections) === 1 ? Rank::spread(null, null, count($parts)) : [$rank], $ids)
                    : self::put($tree, $inner = new Layer($ids->next(), $group->screen, $group->id, $rank, $name, $around, new Group), $parts, new Point($around->x, $around->y), Rank::spread(null, null, count($parts)), $ids);
            }
        }

        return $tree;
    }

    /**
     * @param  non-empty-list<Layer>  $parts
     * @param  Point  $corner  of what they come to lie in, as they are placed now
     * @param  list<string>  $ranks
     */
    private static function put(Tree $tree, Layer $parent, array $parts, Point $corner, array $ranks, Id $ids): Tree
    {
        return $tree->withLayers($parent, ...array_map(
            fn (Layer $part, string $rank): Layer => $part->with(id: $ids->next(), screen: $parent->screen, parent: $parent->id, rank: $rank, box: $part->box->movedBy(-$corner->x, -$corner->y)),
            $parts, $ranks,
        ));
    }

    public function label(Tree $before): string
    {
        return "Open {$this->naming($before, $this->layers)}";
    }
}
