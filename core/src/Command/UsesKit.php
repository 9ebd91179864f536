<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Kit\Kit;

/** A command that looks at how widgets are drawn. */
interface UsesKit extends Command
{
    public function withKit(Kit $kit): static;
}
