<?php

declare(strict_types=1);

namespace Kindred\Document;

/** What a command speaks of is not there, or no longer. */
final class Missing extends \DomainException
{
    public static function layer(string $id): self
    {
        return new self("The layer “{$id}” is no longer there; it may have been deleted in another window.");
    }

    public static function entry(string $id): self
    {
        return new self("The entry “{$id}” of the brief is no longer there; it may have been deleted in another window.");
    }

    /** @param  string  $kind  what it is, such as “token” */
    public static function thing(string $kind): self
    {
        return new self("The {$kind} is no longer there; it may have been deleted in another window.");
    }

    public static function screen(string $id): self
    {
        return new self("The screen “{$id}” is no longer there; it may have been deleted in another window.");
    }
}
