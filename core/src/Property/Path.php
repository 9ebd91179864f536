<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Which property of a thing is meant: `opacity`, `stroke.width`, `fills.0.colour`; in lists counted from 0. */
final readonly class Path
{
    /** @param  non-empty-list<string>  $steps */
    private function __construct(private array $steps)
    {
    }

    public static function of(string $text): self
    {
        return new self(explode('.', $text));
    }

    public function text(): string
    {
        return implode('.', $this->steps);
    }

    /** @return non-empty-list<string> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** The first step: the property of the thing itself. */
    public function root(): string
    {
        return $this->steps[0];
    }

    /** @return Property<mixed>|null the property that is meant; null where the thing has none there */
    public function property(object $of): ?Property
    {
        return self::find(Properties::of($of::class), $of, $this->steps);
    }

    /** The value that there is; null where there is none, or nothing that could have it. */
    public function value(object $of): mixed
    {
        $value = $of;
        foreach ($this->steps as $step) {
            $value = is_array($value) ? $value[(int) $step] ?? null : (is_object($value) ? self::part($value, $step) : null);
        }

        return $value;
    }

    /**
     * The value as its field shows it. Null where there is no such property; of what is not there, a stroke, only that
     * shows which makes it: its colour, empty.
     */
    public function shown(object $of): ?string
    {
        $property = $this->property($of);
        $holder = count($this->steps) === 1 ? $of : (new self(array_slice($this->steps, 0, -1)))->value($of); // @phpstan-ignore argument.type (it is not empty)
        if ($property === null || $holder !== null) {
            return $property?->shown($this->value($of));
        }

        return match (true) {
            $property->isRequired() && ! $property instanceof Number => '',
            $property instanceof Number && $property->removes => '0',
            default => null,
        };
    }

    /**
     * The thing with the value that is typed. What is not there is made with the usual values; where that goes which makes
     * it, it goes as a whole.
     *
     * @template T of object
     *
     * @param  T  $of
     * @return T
     *
     * @throws InvalidInput naming `value`
     */
    public function typed(object $of, string $text, Typing $typing): object
    {
        if ($this->property($of)?->field !== true) {
            throw new InvalidInput('field', "“{$this->text()}” is nothing that can be set here");
        }

        return self::into($of, $this->steps, fn (Property $property, mixed $has): mixed => $property->typed($text, $has, $typing), trim($text) === '', false)
            ?? throw new \LogicException('What is not in anything does not go.');
    }

    /** The value as it is written: what JSON can hold; null where there is none. */
    public function plain(object $of): mixed
    {
        $value = $this->value($of);

        return $value === null ? null : $this->property($of)?->plain($value);
    }

    /**
     * The thing with a value as `plain` gives it.
     *
     * @template T of object
     *
     * @param  T  $of
     * @return T
     *
     * @throws InvalidInput where it is no value of the property
     */
    public function put(object $of, mixed $plain): object
    {
        return self::into($of, $this->steps, fn (Property $property): mixed => $property instanceof Spread ? $property->value(Reader::of($plain)) : $property->read(Reader::of([$property->name() => $plain])), $plain === null, false)
            ?? throw new \LogicException('What is not in anything does not go.');
    }

    /**
     * The thing with a value that its property can have, which is not looked at once more.
     *
     * @template T of object
     *
     * @param  T  $of
     * @return T
     */
    public function with(object $of, mixed $value): object
    {
        return self::into($of, $this->steps, fn (): mixed => $value, $value === null, false) ?? throw new \LogicException('What is not in anything does not go.');
    }

    /**
     * @param  list<string>  $steps
     * @return Property<mixed>|null
     */
    private static function find(Properties $in, ?object $of, array $steps): ?Property
    {
        $step = array_shift($steps);
        $property = $in->all[$step] ?? $in->spread($of, (string) $step);
        if ($property instanceof Records && $steps !== []) {
            $list = $of === null ? null : self::part($of, (string) $step);
            $entry = is_array($list) ? $list[(int) $steps[0]] ?? null : null;

            return ctype_digit($steps[0]) && count($steps) > 1 ? self::find(Properties::of($property->of), is_object($entry) ? $entry : null, array_slice($steps, 1)) : null;
        }
        if ($steps === [] || $property === null) {
            return $property instanceof Spread && ! $property instanceof Inlined ? null : $property;
        }

        $held = $of === null ? null : self::part($of, (string) $step);

        return match (true) {
            $property instanceof Record => self::find(Properties::of($property->kind()), is_object($held) ? $held : null, $steps),
            $property instanceof OneOf && is_object($held) => self::find(Properties::of($held::class), $held, $steps),
            default => null,
        };
    }

    /**
     * @template T of object
     *
     * @param  T  $of
     * @param  list<string>  $steps
     * @param  \Closure(Property<mixed>, mixed): mixed  $make  the value for a property, from that which it has
     * @param  bool  $emptied  whether what makes a thing is taken away
     * @param  bool  $goes  whether this thing can go as a whole
     * @return T|null
     */
    private static function into(object $of, array $steps, \Closure $make, bool $emptied, bool $goes): ?object
    {
        $step = (string) array_shift($steps);
        $properties = Properties::of($of::class);
        $property = $properties->all[$step] ?? null;
        $spread = $property === null ? $properties->spreadWith($of, $step) : null;
        $property ??= $spread === null ? null : $properties->spread($of, $step);
        if ($property === null) {
            throw new InvalidInput('field', "There is no “{$step}” here");
        }
        $has = self::part($of, $step);
        if ($property instanceof Records && $steps !== []) {
            $value = self::intoList($property, is_array($has) ? array_values($has) : [], $steps, $make, $emptied);
        } elseif ($steps !== [] && ($property instanceof Record || ($property instanceof OneOf && is_object($has)))) {
            $inner = is_object($has) ? $has : Properties::of($property->kind())->blank();
            $value = self::into($inner, $steps, $make, $emptied, $property->isNullable());
        } else {
            $value = $goes && $emptied && $property->isRequired() ? null : $make($property, $has);
            if ($value === null && $goes && ! $property->isNullable()) {
                return null;
            }
        }

        return Properties::with($of, $spread === null ? [$step => $value] : [$spread->name() => $spread->putting(self::part($of, $spread->name()), $step, $value)]);
    }

    /**
     * @param  list<mixed>  $list
     * @param  list<string>  $steps
     * @param  \Closure(Property<mixed>, mixed): mixed  $make
     * @return list<mixed>
     */
    private static function intoList(Records $of, array $list, array $steps, \Closure $make, bool $emptied): array
    {
        $at = (int) array_shift($steps);
        if ($at > count($list) || $at >= $of->max) {
            throw new InvalidInput('field', 'There is no such entry');
        }
        if (! isset($list[$at]) && $emptied) {
            return $list;
        }
        if (! isset($list[$at]) && ! Properties::of($of->of)->canBeBlank()) {
            throw new InvalidInput('field', 'There is no such entry');
        }
        $item = is_object($list[$at] ?? null) ? $list[$at] : Properties::of($of->of)->blank();
        $made = self::into($item, $steps, $make, $emptied, true);
        array_splice($list, $at, 1, $made === null ? [] : [$made]);

        return $list;
    }

    private static function part(object $of, string $step): mixed
    {
        $properties = Properties::of($of::class);
        $spread = isset($properties->all[$step]) ? null : $properties->spreadWith($of, $step);

        return match (true) {
            isset($properties->all[$step]) => $of->{$step}, // @phpstan-ignore property.dynamicName (its class declares it)
            $spread !== null => $of->{$spread->name()}->{$step}, // @phpstan-ignore-line what is spread has its parts under their names
            default => null,
        };
    }
}
