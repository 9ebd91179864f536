<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\Reader;

/** Gives layers new boxes and angles: resizing and rotating by hand. What lies in a group grows with it. */
final readonly class PlaceLayers implements Command
{
    use OnLayers;

    /** @param  array<string, array{box: Box, rotation: float}>  $places by layer id */
    private function __construct(private ?string $screen, private array $places)
    {
    }

    public static function type(): string
    {
        return 'place-layers';
    }

    public static function read(Reader $in): self
    {
        $places = [];
        foreach ($in->list('places', fn (Reader $place): array => [
            Address::layer($place, 'id'), Box::read($place), $place->number('rotation', -360, 360),
        ], 1, 2000) as [$id, $box, $rotation]) {
            $places[$id] = ['box' => $box, 'rotation' => $rotation];
        }

        return new self($in->optionalId('screen'), $places);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->ids());
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->ids()) as $layer) {
            ['box' => $box, 'rotation' => $rotation] = $this->places[$layer->id];
            $tree = Resize::to($tree, $layer->with(rotation: fmod($rotation, 360)), $box);
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $turned = false;
        foreach ($this->places as $id => $place) {
            $turned = $turned || ($before->layers[$id]->rotation ?? $place['rotation']) !== $place['rotation'];
        }

        return ($turned ? 'Rotate ' : 'Resize ').$this->naming($before, $this->ids());
    }

    /** @return list<string> */
    private function ids(): array
    {
        return array_map(strval(...), array_keys($this->places));
    }
}
