<?php

declare(strict_types=1);

namespace Kindred\Command;

/** A command that may bring along what the whole step is called of which it is a part. */
interface NamesStep
{
    /** What the step is called; null where it says nothing of that. */
    public function step(): ?string;
}
