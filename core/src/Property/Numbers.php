<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A list of numbers.
 *
 * @extends Property<list<float>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Numbers extends Property
{
    public function __construct(public readonly int $max, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => $this->max, 'items' => ['type' => 'number', 'minimum' => -Reader::LIMIT, 'maximum' => Reader::LIMIT]];
    }

    /** @return list<float> */
    public function value(Reader $in): array
    {
        return $in->numbers($this->name, $this->max);
    }
}
