<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;

/** For kinds that have no properties of their own. */
trait Plain
{
    public static function read(Reader $in): self
    {
        return new self;
    }

    public function toArray(): array
    {
        return [];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
