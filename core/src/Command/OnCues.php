<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** For commands on the cues of a layer, or of a screen as a whole when `layer` is null. */
trait OnCues
{
    private function owner(Tree $tree): Screen|Layer
    {
        $screen = $tree->screen($this->screen);
        if ($this->layer === null) {
            return $screen;
        }
        $layer = $tree->layer($this->layer);
        if ($layer->screen !== $this->screen) {
            throw new InvalidInput('layer', 'the layer is not on that screen');
        }

        return $layer;
    }

    /** @param  list<Cue>  $cues */
    private function withCues(Tree $tree, Screen|Layer $owner, array $cues): Tree
    {
        return $owner instanceof Screen ? $tree->withScreens($owner->with(cues: $cues)) : $tree->withLayers($owner->with(cues: $cues));
    }

    private function named(Tree $tree): string
    {
        $owner = $this->layer === null ? ($tree->screens[$this->screen] ?? null) : ($tree->layers[$this->layer] ?? null);

        return $owner->name ?? 'a layer';
    }
}
