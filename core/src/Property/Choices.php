<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A list of cases of an enum.
 *
 * @extends Property<list<\BackedEnum>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Choices extends Property
{
    /** @param  class-string<\BackedEnum>  $of */
    public function __construct(public readonly string $of, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    /** @return list<string|int> */
    public function plain(mixed $value): array
    {
        return array_map(fn (\BackedEnum $one): string|int => $one->value, $value);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => count($this->of::cases()), 'items' => ['enum' => array_column($this->of::cases(), 'value')]];
    }

    /** @return list<\BackedEnum> */
    public function value(Reader $in): array
    {
        return $in->enums($this->name, $this->of);
    }
}
