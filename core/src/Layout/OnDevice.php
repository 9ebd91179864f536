<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Device\Device;
use Kindred\Document\Edit\ScreenField;
use Kindred\Document\Resize;
use Kindred\Document\Tree;

/** A screen laid out as it would be on another device, with nothing of it kept. */
final readonly class OnDevice
{
    public function __construct(private Relayout $relayout)
    {
    }

    /** @param  Tree  $tree  with all layers of the screen */
    public function lay(Tree $tree, string $screen, Device $device): Tree
    {
        $old = $tree->screen($screen);
        $new = ScreenField::onDevice($old, $device->key);

        return $this->relayout->after($tree, Resize::screen($tree->withScreens($new), $old, $new));
    }
}
