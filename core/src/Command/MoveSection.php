<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\ScreenField;
use Kindred\Document\Layer;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/**
 * Moves layers up or down by a distance in px, and with them all that begins below their top in the same place. A screen that
 * becomes too short for it is lengthened.
 */
final readonly class MoveSection implements Command
{
    use OnLayers;

    /** What begins so little above the top begins there, px. */
    private const NEAR = 0.5;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private float $dy)
    {
    }

    public static function type(): string
    {
        return 'move-section';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->number('dy'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers, whole: $this->named($this->screen), siblings: $this->screen === null ? [new Place(null)] : []);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $place = Place::of($this->together($layers));
        $top = min(INF, ...array_map(fn (Layer $layer): float => $layer->bounds()->y, $layers));
        $section = array_values(array_filter(
            $tree->children($place),
            fn (Layer $layer): bool => in_array($layer, $layers, true) || (! $layer->locked && $layer->bounds()->y >= $top - self::NEAR),
        ));
        $lowest = max(-INF, ...array_map(fn (Layer $layer): float => $layer->bounds()->bottom(), $section)) + $this->dy;
        $tree = $place->parent === null && $this->screen !== null ? self::lengthened($tree, $this->screen, $lowest) : $tree;

        return $tree->withLayers(...array_map(fn (Layer $layer): Layer => $tree->layer($layer->id)->with(box: $tree->layer($layer->id)->box->movedBy(0, $this->dy)), $section));
    }

    private static function lengthened(Tree $tree, string $id, float $lowest): Tree
    {
        $screen = $tree->screen($id);
        if ($lowest <= $screen->box->height + self::NEAR) {
            return $tree;
        }
        $longer = ScreenField::read(Reader::of(['field' => 'height']), 'field')->set($screen, (string) ceil($lowest));

        return Resize::screen($tree->withScreens($longer), $screen, $longer);
    }

    public function label(Tree $before): string
    {
        return "Move {$this->naming($before, $this->layers)} and what is below";
    }
}
