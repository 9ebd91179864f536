<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Device\Catalogue;
use Kindred\Device\Pointing;
use Kindred\Document\Layer;
use Kindred\Document\Layout\Position;
use Kindred\Document\Place;
use Kindred\Document\Resize;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** Screens of what is held in the hand as they are laid out when it is turned on its side, with nothing of it kept. */
final readonly class Turned
{
    public function __construct(private Relayout $relayout)
    {
    }

    /** @param  Tree  $tree  with all layers */
    public function lay(Tree $tree): Tree
    {
        foreach ($tree->reel() as $screen) {
            if (Catalogue::for($screen->device, $screen->box->width, $screen->view)->pointing === Pointing::Touch) {
                $tree = $this->screen($tree, $screen);
            }
        }

        return $tree;
    }

    private function screen(Tree $tree, Screen $screen): Tree
    {
        [$width, $view] = [$screen->view, $screen->box->width];
        // What scrolls already stays as long; what was one view is one again, and longer where its layers need it.
        $height = max($view, $screen->box->height > $screen->view ? $screen->box->height : $view);
        $turned = $screen->with(box: $screen->box->sized($width, $height), view: $view);
        $laid = $this->relayout->after($tree, Resize::screen($tree->withScreens($turned), $screen, $turned));
        $lowest = max([$height, ...array_map(fn (Layer $one): float => $one->hidden || $one->position === Position::Fixed ? 0.0 : $one->bounds()->bottom(), $laid->children(new Place($screen->id)))]);

        return $lowest > $height ? $laid->withScreens($laid->screen($screen->id)->with(box: $turned->box->sized($width, $lowest))) : $laid;
    }
}
