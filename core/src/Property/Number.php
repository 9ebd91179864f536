<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A number.
 *
 * @extends Property<float>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Number extends Property
{
    public function __construct(public readonly float $min = -Reader::LIMIT, public readonly float $max = Reader::LIMIT, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'number', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    protected function value(Reader $in): float
    {
        return $in->number($this->name, $this->min, $this->max);
    }
}
