<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Device\Catalogue;
use Kindred\Device\Pointing;
use Kindred\Document\Tree;

/** Screens of what is held in the hand as they are laid out when it is turned on its side, with nothing of it kept. */
final readonly class Turned
{
    private Sized $sized;

    public function __construct(LaysOut $layout)
    {
        $this->sized = new Sized($layout);
    }

    /** @param  Tree  $tree  with all layers */
    public function lay(Tree $tree): Tree
    {
        foreach ($tree->reel() as $screen) {
            $device = Catalogue::for($screen->device, $screen->box->width, $screen->view);
            // A sheet that lies over others, and is no whole device, keeps its size.
            if ($device->pointing === Pointing::Touch && ($screen->over === null || $screen->view >= $device->height)) {
                $tree = $this->sized->lay($tree, $screen, $screen->view, $screen->box->width);
            }
        }

        return $tree;
    }
}
