<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/** A thing of which no part is long. */
trait KeptWhole
{
    public static function kept(array $parts): self
    {
        return self::read(Reader::kept($parts));
    }

    public function parts(?Thing $beside = null): array
    {
        return $this->toArray();
    }
}
