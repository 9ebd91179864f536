<?php

declare(strict_types=1);

namespace Kindred\Document;

/** A difference no longer applies: what it would change has changed since. */
final class Overtaken extends \DomainException
{
    /** @param  list<string>  $names what stands in the way, as people call it */
    public function __construct(public readonly array $names)
    {
        parent::__construct(implode(', ', $names));
    }
}
