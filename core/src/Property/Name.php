<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * What people call a thing: one line, not empty.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Name extends Property
{
    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => Reader::MAX_NAME];
    }

    public function value(Reader $in): string
    {
        return $in->name($this->name);
    }
}
