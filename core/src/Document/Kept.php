<?php

declare(strict_types=1);

namespace Kindred\Document;

/** How a kind of thing is kept. */
#[\Attribute(\Attribute::TARGET_CLASS_CONSTANT)]
final readonly class Kept
{
    /**
     * @param  class-string<Thing>  $class
     * @param  int  $max  of a project
     * @param  string  $where  what holds at most so many: "A brief"
     * @param  string  $called  several of them
     */
    public function __construct(public string $class, public int $max, public string $where, public string $called)
    {
    }
}
