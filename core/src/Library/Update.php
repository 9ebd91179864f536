<?php

declare(strict_types=1);

namespace Kindred\Library;

/** Something that was taken from a library and is otherwise there now. */
final readonly class Update
{
    /**
     * @param  list<string>  $sentences  what would change here
     * @param  bool  $changed  whether it was changed here too: that would be taken back
     */
    public function __construct(public Good $good, public array $sentences, public bool $changed)
    {
    }
}
