<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * Texts by names that are not known beforehand.
 *
 * @extends Property<array<string, string>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Dictionary extends Property
{
    /** @param  int  $longest  characters of one text */
    public function __construct(public readonly int $longest, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    /** An object also where it is empty. */
    public function plain(mixed $value): object
    {
        return (object) $value;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'object', 'additionalProperties' => ['type' => 'string', 'maxLength' => $this->longest]];
    }

    /** @return array<string, string> */
    public function value(Reader $in): array
    {
        $own = $in->object($this->name);
        $texts = [];
        foreach (array_map(strval(...), array_keys($own->raw())) as $key) {
            $texts[$key] = $own->string($key, $this->longest);
        }

        return $texts;
    }
}
