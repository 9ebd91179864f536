<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * The id of a thing, or of another that it refers to.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Id extends Property
{
    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')];
    }

    public function value(Reader $in): string
    {
        return $in->id($this->name);
    }
}
