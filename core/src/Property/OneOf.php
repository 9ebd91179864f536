<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A value of one of several kinds, which are written as objects with a `kind`. The kinds are a register: a constant `ALL` of
 * the interface that they share.
 *
 * @extends Property<Kinded>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class OneOf extends Property
{
    /** @param  non-empty-list<class-string<Kinded>>  $kinds  the first stands for those that are not known, in what is kept */
    public function __construct(public readonly array $kinds, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    /** @return array<string, mixed> */
    public function plain(mixed $value): array
    {
        return ['kind' => $value::kind()] + $value->toArray();
    }

    public function holds(string $class): bool
    {
        return is_a($this->type(), $class, true) || array_filter($this->kinds, fn (string $kind): bool => Properties::of($kind)->holding($class) !== []) !== [];
    }

    public function schema(Schema $schema): array
    {
        return ['oneOf' => array_map(function (string $kind) use ($schema): array {
            $object = $schema->object(Properties::of($kind));

            return ['type' => 'object', 'required' => ['kind', ...$object['required'] ?? []], 'properties' => ['kind' => ['const' => $kind::kind()]] + $object['properties']];
        }, $this->kinds)];
    }

    public function value(Reader $in): Kinded
    {
        $of = $in->object($this->name());

        $value = self::kind($of, 'kind', $this->kinds)::read($of);

        return $value instanceof Kinded ? $value : throw new \LogicException('A kind reads something else.');
    }

    /**
     * The kind of that name.
     *
     * @template T of Kinded
     *
     * @param  non-empty-list<class-string<T>>  $kinds
     * @return class-string<T>
     *
     * @throws \Kindred\Input\InvalidInput where there is none
     */
    public static function kind(Reader $in, string $key, array $kinds): string
    {
        $name = $in->isLenient() && ! $in->has($key) ? '' : $in->string($key, 40);
        foreach ($kinds as $kind) {
            if ($kind::kind() === $name) {
                return $kind;
            }
        }

        return $in->isLenient() ? $kinds[0] : $in->fail($key, 'one of these is expected: '.implode(', ', array_map(fn (string $kind): string => $kind::kind(), $kinds)));
    }
}
