<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * The ids of other things, each once.
 *
 * @extends Property<list<string>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Ids extends Property
{
    public function __construct(public readonly int $max, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => $this->max, 'items' => ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')]];
    }

    /** @return list<string> */
    public function value(Reader $in): array
    {
        return $in->ids($this->name, 0, $this->max);
    }
}
