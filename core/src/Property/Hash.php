<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * The SHA-256 of the bytes of a picture, by which it is named.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Hash extends Property
{
    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'pattern' => '^[0-9a-f]{64}$'];
    }

    public function value(Reader $in): string
    {
        return $in->hash($this->name);
    }
}
