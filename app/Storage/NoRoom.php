<?php

declare(strict_types=1);

namespace App\Storage;

/** The server has no room left for what was to be kept. */
final class NoRoom extends \RuntimeException
{
    public static function for(string $what): self
    {
        return new self("The server has no room left on its disk: {$what} was not saved. Everything that was saved before is kept; try it again when there is room.");
    }
}
