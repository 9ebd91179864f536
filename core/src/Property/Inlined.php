<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A value of one of several kinds, whose properties are written beside those of the thing that has it, with its `kind`; that of the
 * first kind is left out, unless it is `named`. The kinds are a register: a constant `ALL` of the interface that they share.
 *
 * @extends Spread<Kinded>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
class Inlined extends Spread
{
    /**
     * @param  non-empty-list<class-string<Kinded>>  $kinds
     * @param  bool  $named  whether the kind always stands there
     */
    public function __construct(public readonly array $kinds, private readonly bool $named = false, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    public function read(Reader $in): Kinded
    {
        return $this->value($in);
    }

    public function value(Reader $in): Kinded
    {
        $class = $this->named || $in->has('kind') ? OneOf::kind($in, 'kind', $this->kinds) : $this->kinds[0];
        $value = $class::read($in);

        return $value instanceof Kinded ? $value : throw new \LogicException('A kind reads something else.');
    }

    /** @return array<string, mixed> */
    public function plain(mixed $value): array
    {
        return $this->spread($value);
    }

    public function spread(mixed $value): array
    {
        return (! $this->named && $value::class === $this->kinds[0] ? [] : ['kind' => $value::kind()]) + $value->toArray();
    }

    public function holds(string $class): bool
    {
        return is_a($this->type(), $class, true) || array_filter($this->kinds, fn (string $kind): bool => Properties::of($kind)->holding($class) !== []) !== [];
    }

    /** Of what is not there, those of all kinds. */
    public function parts(mixed $value): array
    {
        if ($value !== null) {
            return Properties::of($value::class)->all;
        }
        $parts = [];
        foreach ($this->kinds as $kind) {
            $parts += Properties::of($kind)->all;
        }

        return $parts;
    }

    public function putting(mixed $value, string $key, mixed $part): Kinded
    {
        return Properties::with($value, [$key => $part]);
    }

    public function schemas(Schema $schema): array
    {
        return ['kind' => ['enum' => array_map(fn (string $kind): string => $kind::kind(), $this->kinds)] + ($this->named ? [] : ['default' => $this->kinds[0]::kind()])];
    }

    /** What each kind needs and has. */
    public function cases(Schema $schema): array
    {
        return array_values(array_filter(array_map(function (string $kind) use ($schema): array {
            $own = $schema->object(Properties::of($kind));
            unset($own['type']);
            if ($own['properties'] === []) {
                unset($own['properties']);
            }

            return ['if' => ['properties' => ['kind' => ['const' => $kind::kind()]]] + ($kind === $this->kinds[0] && ! $this->named ? [] : ['required' => ['kind']]), 'then' => $own];
        }, $this->kinds), fn (array $case): bool => $case['then'] !== []));
    }

    public function mustHave(): array
    {
        return $this->named ? ['kind'] : [];
    }
}
