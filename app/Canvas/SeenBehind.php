<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Check\Backdrops;
use Kindred\Document\Address;
use Kindred\Document\Tree;

/** What lies behind a layer, drawn: for pictures, blurs and whatever else cannot be worked out. */
final readonly class SeenBehind implements Backdrops
{
    /** @param  bool  $asShown  whether the screens are looked at as they are shown; in another theme nothing is drawn */
    public function __construct(private Backdrop $backdrop, private Project $project, private bool $asShown)
    {
    }

    public function behind(Tree $tree, Address $address): array
    {
        $screen = ($tree->showing($address)[0] ?? $tree->layers[$address->layer] ?? null)?->screen;

        return $this->asShown && $screen !== null ? $this->backdrop->behind($this->project, $screen, $address) : [];
    }
}
