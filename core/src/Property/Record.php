<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\InvalidInput;
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

    /** Where the class has a short form, such as one radius for four corners, that is what is shown; otherwise nothing. */
    public function shown(mixed $value): string
    {
        return $value instanceof Shorthand ? $value->short() : '';
    }

    public function hasShorthand(): bool
    {
        return is_a($this->type, Shorthand::class, true);
    }

    /** @return class-string<Stored> */
    public function kind(): string
    {
        return is_a($this->type, Stored::class, true) ? $this->type : throw new \LogicException("{$this->name} has no properties of its own.");
    }

    public function holds(string $class): bool
    {
        return is_a($this->type, $class, true) || Properties::of($this->kind())->holding($class) !== [];
    }

    public function animation(): Animation
    {
        return $this->hasShorthand() ? Animation::ByValue : Animation::Discrete;
    }

    public function isBindable(): bool
    {
        return $this->hasShorthand();
    }

    public function schema(Schema $schema): array
    {
        return $schema->of($this->kind());
    }

    protected function entered(string $text, mixed $has, Typing $typing): Stored
    {
        $class = $this->kind();

        return is_a($class, Shorthand::class, true) ? $class::typed($text, $has, $typing) : throw new InvalidInput('value', ucfirst($this->label()).' is not typed as a whole');
    }

    public function value(Reader $in): Stored
    {
        return $this->kind()::read($in->object($this->name));
    }
}
