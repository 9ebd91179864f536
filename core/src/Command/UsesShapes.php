<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Layout\Shapes;

/** A command that looks at the outlines of layers. */
interface UsesShapes extends Command
{
    public function withShapes(Shapes $shapes): static;
}
