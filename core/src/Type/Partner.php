<?php

declare(strict_types=1);

namespace Kindred\Type;

/** What can stand beside words: how it is called, what it says first, whether it stands above them, and how it is set. */
final readonly class Partner
{
    public function __construct(public string $name, public bool $above, public TextStyle $style)
    {
    }
}
