<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * One of the cases of an enum, written as its value.
 *
 * @extends Property<\BackedEnum>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Choice extends Property
{
    public function plain(mixed $value): string|int
    {
        return $value->value;
    }

    /** @return array<array-key, string> */
    public function options(): array
    {
        $options = $this->isNullable() ? ['' => 'none'] : [];
        foreach ($this->enum()::cases() as $case) {
            $options[(string) $case->value] = str_replace('-', ' ', (string) $case->value);
        }

        return $options;
    }

    public function tries(): array
    {
        return array_map(fn (\BackedEnum $case): string => (string) $case->value, $this->enum()::cases());
    }

    public function schema(Schema $schema): array
    {
        return ['enum' => array_column($this->enum()::cases(), 'value')];
    }

    public function value(Reader $in): \BackedEnum
    {
        return $in->enum($this->name, $this->enum());
    }

    /** @return class-string<\BackedEnum> */
    private function enum(): string
    {
        return is_a($this->type, \BackedEnum::class, true) ? $this->type : throw new \LogicException("{$this->name} is no enum.");
    }
}
