<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layout\Position;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** A screen as it is laid out at another size, with nothing of it kept. */
final readonly class Sized
{
    public function __construct(private LaysOut $layout)
    {
    }

    /**
     * What scrolls already stays as long; what was one view is one again, and longer where its layers need it.
     *
     * @param  Tree  $tree  with all layers of the screen
     * @param  float  $width  px
     * @param  float  $view  of what is seen of it at once, px
     */
    public function lay(Tree $tree, Screen $screen, float $width, float $view): Tree
    {
        $height = max($view, $screen->box->height > $screen->view ? $screen->box->height : $view);
        $sized = $screen->with(box: $screen->box->sized($width, $height), view: $view);
        $laid = $this->layout->after($tree, Resize::screen($tree->withScreens($sized), $screen, $sized));
        $lowest = max([$height, ...array_map(fn (Layer $one): float => $one->hidden || $one->position === Position::Fixed ? 0.0 : $one->bounds()->bottom(), $laid->children(new Place($screen->id)))]);

        return $lowest > $height ? $laid->withScreens($laid->screen($screen->id)->with(box: $sized->box->sized($width, $lowest))) : $laid;
    }
}
