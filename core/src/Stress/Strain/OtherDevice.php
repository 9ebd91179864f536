<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Device\Device;
use Kindred\Document\Edit\ScreenField;
use Kindred\Document\Resize;
use Kindred\Document\Tree;
use Kindred\Stress\Strain;

/** The screen on another device. */
final readonly class OtherDevice implements Strain
{
    public function __construct(private Device $device)
    {
    }

    public function key(): string
    {
        return "on-{$this->device->key}";
    }

    public function label(): string
    {
        return 'on: '.lcfirst($this->device->name);
    }

    public function source(): string
    {
        return "{$this->device->width} × {$this->device->height} px";
    }

    public function on(Tree $tree, string $screen): Tree
    {
        $old = $tree->screen($screen);
        $new = ScreenField::onDevice($old, $this->device->key);

        return Resize::screen($tree->withScreens($new), $old, $new);
    }
}
