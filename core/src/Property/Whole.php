<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A whole number.
 *
 * @extends Property<int>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Whole extends Property
{
    public function __construct(public readonly int $min, public readonly int $max, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'integer', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    protected function value(Reader $in): int
    {
        return $in->whole($this->name, $this->min, $this->max);
    }
}
