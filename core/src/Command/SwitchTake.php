<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Take;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Hangs another take of a screen on the wall: it takes the place, the name and the threads that lead there, and the one that hung there is kept. */
final readonly class SwitchTake implements Command
{
    private function __construct(private string $screen, private string $take)
    {
    }

    public static function type(): string
    {
        return 'switch-take';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->id('take'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(whole: [$this->screen, $this->take], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $hung = $tree->screen($this->screen);
        $kept = $tree->screen($this->take);
        if ($hung->take === null || $kept->take?->of !== $hung->id) {
            throw new InvalidInput('take', "“{$kept->name}” is no take of “{$hung->name}”. Nothing was changed.");
        }
        $layers = [];
        foreach ([[$hung->id, $kept->id], [$kept->id, $hung->id]] as [$from, $to]) {
            array_push($layers, ...array_map(fn (Layer $layer): Layer => $layer->with(screen: $to), $tree->layersOf($from)));
        }

        return $tree->withScreens(
            self::dressed($hung, $kept, $kept->take->with(of: null)),
            self::dressed($kept, $hung, $hung->take->with(of: $hung->id)),
        )->withLayers(...$layers);
    }

    /** A screen that shows what another one showed, where it is. */
    private static function dressed(Screen $place, Screen $shown, Take $take): Screen
    {
        return $place->with(
            device: $shown->device, box: $place->box->sized($shown->box->width, $shown->box->height), view: $shown->view, ground: $shown->ground,
            cues: $shown->cues, grids: $shown->grids, guides: $shown->guides, finish: $shown->finish, tracing: $shown->tracing, reading: $shown->reading, bound: $shown->bound, take: $take,
        );
    }

    public function label(Tree $before): string
    {
        return 'Keep take '.($before->screens[$this->take]->take->name ?? '').' of '.($before->screens[$this->screen]->name ?? 'a screen');
    }
}
