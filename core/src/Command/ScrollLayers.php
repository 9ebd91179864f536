<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\Scroll;
use Kindred\Document\Layout\ScrollAxes;
use Kindred\Document\Layout\Size;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;

/**
 * Lets layers be scrolled: they come to lie in a container, each where it is, which ends where what is seen of the screen ends. A group
 * becomes that container; a stack is scrolled as it is.
 */
final readonly class ScrollLayers implements Command
{
    use FromLayers;

    public static function type(): string
    {
        return 'scroll-layers';
    }

    public function apply(Tree $tree): Tree
    {
        $layers = $this->selected($tree, $this->screen, $this->layers);
        $alone = count($layers) === 1 ? $layers[0] : null;
        if ($alone?->content instanceof Stack) {
            return $alone->scrolls() ? $tree : $tree->withLayers($alone->with(content: $alone->content->with(scroll: $alone->content->scroll->with(axes: ScrollAxes::Down))));
        }
        $group = $alone?->isGroup() === true ? $alone : null;
        $inside = $group === null ? $layers : $tree->children(new Place($group->screen, $group->id));
        $content = Box::around(...array_map(fn (Layer $layer): Box => $layer->bounds(), $inside)) ?? throw new InvalidInput('layers', 'There is nothing in it that could be scrolled.');
        $top = $this->together($layers);
        $box = $group === null ? $content : $content->movedBy($group->box->x, $group->box->y);
        [$width, $height] = $this->seen($tree, $top, $box);
        $axes = match (true) {
            $width < $box->width && $height < $box->height => ScrollAxes::Both,
            $width < $box->width => ScrollAxes::Across,
            default => ScrollAxes::Down,
        };
        $container = $group ?? new Layer(Id::in($tree, $this->seed)->next(), $this->screen, $top->parent, $top->rank, 'Scrolled', $box, new Stack);
        $tree = $tree->withLayers($container->with(
            content: new Stack(scroll: new Scroll(axes: $axes)),
            box: $box->sized($width, $height),
            sizing: $container->sizing->with(width: Size::Length, height: Size::Length),
        ));
        foreach (Rank::spread(null, null, count($inside)) as $i => $rank) {
            $one = $inside[$i];
            $tree = $tree->withLayers($one->with(parent: $container->id, rank: $rank, box: $one->box->movedBy(-$content->x, -$content->y), sizing: $one->sizing->with(absolute: true)));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "Let {$this->naming($before, $this->layers)} scroll";
    }

    /** @return array{float, float} px of a box that are seen on the screen, whole where it lies outside */
    private function seen(Tree $tree, Layer $layer, Box $box): array
    {
        $screen = $tree->screens[$layer->screen ?? ''] ?? null;
        if (! $screen instanceof Screen) {
            return [$box->width, $box->height];
        }
        $corner = array_reduce($tree->ancestors($layer), fn (Box $at, Layer $around): Box => $at->movedBy($around->box->x, $around->box->y), $box);
        $within = fn (float $from, float $length, float $end): float => $from + $length > $end && $end - $from >= 1 ? $end - $from : $length;

        return [$within($corner->x, $box->width, $screen->box->width), $within($corner->y, $box->height, $corner->y < $screen->view ? $screen->view : $screen->box->height)];
    }
}
