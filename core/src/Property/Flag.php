<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * True or false.
 *
 * @extends Property<bool>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Flag extends Property
{
    public function options(): array
    {
        return ['false' => 'no', 'true' => 'yes'];
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'boolean'];
    }

    protected function entered(string $text, mixed $has, Typing $typing): bool
    {
        return match ($text) {
            'true' => true,
            'false' => false,
            default => throw new InvalidInput('value', ucfirst($this->label()).' is true or false'),
        };
    }

    public function value(Reader $in): bool
    {
        return $in->boolean($this->name);
    }
}
