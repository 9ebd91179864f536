<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A list of texts.
 *
 * @extends Property<list<string>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Strings extends Property
{
    /**
     * @param  int  $longest  characters of one
     * @param  bool  $empty  whether one can be
     */
    public function __construct(public readonly int $longest, public readonly int $max, public readonly bool $empty = false, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => $this->max, 'items' => ['type' => 'string', 'maxLength' => $this->longest] + ($this->empty ? [] : ['minLength' => 1])];
    }

    /** @return list<string> */
    public function value(Reader $in): array
    {
        return $in->strings($this->name, $this->longest, $this->max, $this->empty);
    }
}
