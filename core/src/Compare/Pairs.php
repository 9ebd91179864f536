<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** Which layer of one take is which of another, and both takes as trees in which they have the same names. */
final readonly class Pairs
{
    /** @param  array<string, string>  $to  ids on the other screen, by those on the first */
    private function __construct(private array $to, public Tree $before, public Tree $after)
    {
    }

    /** By where they come from; what is left by kind and name, in drawing order. */
    public static function of(Tree $tree, Screen $from, Screen $to): self
    {
        $first = $tree->layersOf($from->id);
        $second = $tree->layersOf($to->id);
        $pairs = [];
        foreach ([fn (Layer $layer): string => $layer->descent(), fn (Layer $layer): string => "{$layer->kind()} {$layer->name}"] as $key) {
            $left = [];
            foreach ($second as $layer) {
                if (! in_array($layer->id, $pairs, true)) {
                    $left[$key($layer)][] = $layer->id;
                }
            }
            foreach ($first as $layer) {
                if (! isset($pairs[$layer->id]) && isset($left[$key($layer)])) {
                    $match = array_shift($left[$key($layer)]);
                    $pairs += $match === null ? [] : [$layer->id => $match];
                }
            }
        }
        $back = array_flip($pairs);
        $after = array_map(fn (Layer $layer): Layer => $layer->with(
            id: $back[$layer->id] ?? $layer->id, screen: $from->id, parent: $layer->parent === null ? null : ($back[$layer->parent] ?? $layer->parent), lineage: null,
            content: $layer->content instanceof Expanding ? $layer->content->renamed($back) : $layer->content,
        ), $second);

        return new self(
            $pairs,
            (new Tree($tree->project))->withScreens($from)->withLayers(...array_map(fn (Layer $layer): Layer => $layer->with(lineage: null), $first)),
            (new Tree($tree->project))->withScreens($to->with(id: $from->id))->withLayers(...$after),
        );
    }

    /**
     * What layers of the tree after are called on their own screen.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    public function there(array $ids): array
    {
        return array_map(fn (string $id): string => $this->to[$id] ?? $id, $ids);
    }
}
