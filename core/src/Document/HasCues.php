<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Cue;

/** What layers and screens share: their cues, found by id. */
trait HasCues
{
    public function cue(string $id): ?Cue
    {
        foreach ($this->cues as $cue) {
            if ($cue->id === $id) {
                return $cue;
            }
        }

        return null;
    }
}
