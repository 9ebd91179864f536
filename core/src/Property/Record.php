<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A value that has properties of its own.
 *
 * @extends Property<Stored>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Record extends Property
{
    /** @return array<string, mixed> */
    public function plain(mixed $value): array
    {
        return $value->toArray();
    }

    public function isLeftOut(mixed $value): bool
    {
        return $this->sparse && ($value === null || ($value instanceof Stored && $value->toArray() === []));
    }

    public function schema(Schema $schema): array
    {
        return $schema->of($this->kind());
    }

    protected function value(Reader $in): Stored
    {
        return $this->kind()::read($in->object($this->name));
    }

    /** @return class-string<Stored> */
    private function kind(): string
    {
        return is_a($this->type, Stored::class, true) ? $this->type : throw new \LogicException("{$this->name} has no properties of its own.");
    }
}
