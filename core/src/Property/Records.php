<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A list of values that have properties of their own.
 *
 * @extends Property<list<Stored>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Records extends Property
{
    /**
     * @param  class-string<Stored>  $of
     * @param  callable-string|null  $quick  reads what is in order faster, for long lists; it gives null where it cannot tell
     */
    public function __construct(public readonly string $of, public readonly int $max, private readonly ?string $quick = null, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    /** @return list<array<string, mixed>> */
    public function plain(mixed $value): array
    {
        $out = [];
        foreach ($value as $one) {
            $out[] = $one->toArray();
        }

        return $out;
    }

    public function holds(string $class): bool
    {
        return Properties::of($this->of)->holding($class) !== [];
    }

    /** Entry by entry. */
    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    public function isBindable(): bool
    {
        return false;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => $this->max, 'items' => $schema->of($this->of)];
    }

    /** @return list<Stored> */
    public function value(Reader $in): array
    {
        /** @var list<Stored> $all what the quick way gives is of the same class */
        $all = $in->list($this->name, $this->of::read(...), 0, $this->max, $this->quick);

        return $all;
    }
}
