<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A time as ISO 8601 writes it; empty where it is not known.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Moment extends Property
{
    private const MAX = 40;

    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'maxLength' => self::MAX, 'examples' => ['2026-03-04T09:30:00+00:00', '']];
    }

    public function value(Reader $in): string
    {
        $written = $in->string($this->name, self::MAX);

        return $written === '' || strtotime($written) !== false ? $written : $in->fail($this->name, 'a time as in ISO 8601 is expected here');
    }
}
