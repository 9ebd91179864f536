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
final class Ids extends Property implements Refers
{
    /** @param  class-string|null  $to  what they refer to */
    public function __construct(public readonly int $max, private readonly ?string $to = null, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function holds(string $class): bool
    {
        return $class === Refers::class && $this->to !== null;
    }

    public function references(mixed $value, object $of): array
    {
        return $this->to === null || ! is_array($value) ? [] : array_map(fn (string $id): array => [$this->to, $id], array_values(array_filter($value, is_string(...))));
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
