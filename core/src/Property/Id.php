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
final class Id extends Property implements Refers
{
    /**
     * @param  class-string|null  $to  what it refers to; null for its own, and for places in the tree
     * @param  string  $by  the property that says what kind of thing it refers to, where it can be several
     */
    public function __construct(private readonly ?string $to = null, private readonly string $by = '', mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function holds(string $class): bool
    {
        return $class === Refers::class && ($this->to !== null || $this->by !== '');
    }

    public function references(mixed $value, object $of): array
    {
        $kind = $this->by === '' ? $this->to : get_object_vars($of)[$this->by];
        $kind = $kind instanceof \BackedEnum ? (string) $kind->value : $kind;

        return is_string($kind) && is_string($value) ? [[$kind, $value]] : [];
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')];
    }

    public function value(Reader $in): string
    {
        return $in->id($this->name);
    }
}
