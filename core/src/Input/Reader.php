<?php

declare(strict_types=1);

namespace Kindred\Input;

/**
 * Reads untyped data (decoded JSON) into typed values, naming the place of whatever is wrong.
 *
 * Every method throws InvalidInput when the value is missing, of another type or out of range. A reader of what is
 * `kept` brings such values to the nearest that is allowed instead: work that was stored is never refused as a whole.
 */
final readonly class Reader
{
    /** Coordinates and sizes anywhere in a document stay within ±LIMIT px. */
    public const LIMIT = 100_000.0;

    /** Characters of a name. */
    public const MAX_NAME = 120;

    /** What an id looks like. */
    public const ID = '/^[a-z][a-z0-9]{3,25}$/D';

    /** @param  array<array-key, mixed>  $data */
    private function __construct(private array $data, private string $place, private bool $lenient = false)
    {
    }

    public static function of(mixed $data, string $place = ''): self
    {
        if ($data instanceof \stdClass) {
            $data = (array) $data;
        }
        if (! is_array($data)) {
            throw new InvalidInput($place, 'an object is expected here');
        }

        return new self($data, $place);
    }

    /** For what this application stored: what is out of range is clamped, what cannot be read is left out. */
    public static function kept(mixed $data): self
    {
        return new self(self::plainArray($data), '', true);
    }

    /**
     * The same place with other data in it: what an earlier version wrote, as it is written now.
     *
     * @param  array<array-key, mixed>  $data
     */
    public function instead(array $data): self
    {
        return new self($data, $this->place, $this->lenient);
    }

    /** Whether it reads what is kept. */
    public function isLenient(): bool
    {
        return $this->lenient;
    }

    /**
     * What a rule of the caller's own gives; of what is kept, something else where that rule is broken.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @param  T  $otherwise
     * @return T
     *
     * @throws InvalidInput where it is not read from what is kept
     */
    public function orElse(callable $read, mixed $otherwise): mixed
    {
        try {
            return $read();
        } catch (InvalidInput $problem) {
            return $this->lenient ? $otherwise : throw $problem;
        }
    }

    public function at(string $key): string
    {
        // A reader of one value names its place without a key.
        return $this->place === '' || $key === '' ? $this->place.$key : "{$this->place}.{$key}";
    }

    public function fail(string $key, string $problem): never
    {
        throw new InvalidInput($this->at($key), $problem);
    }

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    public function string(string $key, int $max = 200, bool $empty = true): string
    {
        $value = $this->data[$key] ?? null;
        if ($this->lenient) {
            return is_string($value) ? mb_substr(mb_scrub($value), 0, $max) : '';
        }
        if (! is_string($value)) {
            $this->fail($key, 'text is expected here');
        }
        if (! mb_check_encoding($value, 'UTF-8')) {
            $this->fail($key, 'the text is not valid UTF-8');
        }
        if (mb_strlen($value) > $max) {
            $this->fail($key, "the text is longer than {$max} characters");
        }
        if (! $empty && trim($value) === '') {
            $this->fail($key, 'this cannot be empty');
        }

        return $value;
    }

    /** Text that may be left out: it is empty then. */
    public function words(string $key, int $max): string
    {
        return $this->has($key) ? $this->string($key, $max) : '';
    }

    /**
     * @param  int  $longest  characters of one
     * @param  bool  $empty  whether one can be
     * @return list<string>
     */
    public function strings(string $key, int $longest, int $max, bool $empty = false): array
    {
        $out = [];
        foreach ($this->items($key, 0, $max) as $i => $value) {
            $out[] = $this->further(['' => $value], "{$this->at($key)}[{$i}]")->string('', $longest, $empty);
        }

        return $out;
    }

    /** @return list<float> */
    public function numbers(string $key, int $max): array
    {
        $out = [];
        foreach ($this->items($key, 0, $max) as $i => $value) {
            $out[] = $this->further(['' => $value], "{$this->at($key)}[{$i}]")->number('');
        }

        return $out;
    }

    /** A name that people read: one line, not empty, without control characters. */
    public function name(string $key): string
    {
        $name = trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', $this->string($key, self::MAX_NAME, false)));
        if ($name !== '') {
            return $name;
        }

        return $this->lenient ? 'Untitled' : $this->fail($key, 'this cannot be empty');
    }

    public function id(string $key): string
    {
        $value = $this->data[$key] ?? null;
        if (! is_string($value) || preg_match(self::ID, $value) !== 1) {
            $this->fail($key, 'an id is 4 to 26 letters a–z and digits, a letter first');
        }

        return $value;
    }

    /** The SHA-256 of the bytes of a picture, by which it is named. */
    public function hash(string $key): string
    {
        $value = $this->string($key, 64);
        if (preg_match('/^[0-9a-f]{64}$/D', $value) !== 1) {
            $this->fail($key, 'a picture is named by the SHA-256 of its bytes, 64 hexadecimal digits');
        }

        return $value;
    }

    public function optionalId(string $key): ?string
    {
        return $this->has($key) ? $this->id($key) : null;
    }

    /** @return list<string> */
    public function ids(string $key, int $min = 1, int $max = 5000): array
    {
        $ids = [];
        foreach ($this->items($key, $min, $max) as $i => $value) {
            $ids[] = self::of(['id' => $value], "{$this->at($key)}[{$i}]")->id('id');
        }

        return array_values(array_unique($ids));
    }

    public function number(string $key, float $min = -self::LIMIT, float $max = self::LIMIT): float
    {
        $value = $this->data[$key] ?? null;
        if ($this->lenient) {
            $value = is_numeric($value) ? (float) $value : 0.0;

            return max($min, min($max, is_nan($value) ? 0.0 : $value));
        }
        if (! is_int($value) && ! is_float($value) || ! is_finite((float) $value)) {
            $this->fail($key, 'a number is expected here');
        }
        if ($value < $min || $value > $max) {
            $this->fail($key, sprintf('the number must lie between %s and %s', self::plain($min), self::plain($max)));
        }

        return (float) $value;
    }

    public function numberOr(string $key, float $default, float $min = -self::LIMIT, float $max = self::LIMIT): float
    {
        return $this->has($key) ? $this->number($key, $min, $max) : $default;
    }

    public function whole(string $key, int $min, int $max): int
    {
        $value = $this->number($key, $min, $max);
        if ($value !== floor($value) && ! $this->lenient) {
            $this->fail($key, 'a whole number is expected here');
        }

        return (int) $value;
    }

    public function boolean(string $key, ?bool $default = null): bool
    {
        $value = $this->data[$key] ?? $default;
        if (! is_bool($value)) {
            if ($this->lenient) {
                return (bool) $value;
            }
            $this->fail($key, 'true or false is expected here');
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function enum(string $key, string $enum): \BackedEnum
    {
        $value = $this->data[$key] ?? null;
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null && $this->lenient) {
            return $enum::cases()[0];
        }
        if ($case === null) {
            $known = implode(', ', array_map(fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()));
            $this->fail($key, "one of these is expected: {$known}");
        }

        return $case;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>  each once
     */
    public function enums(string $key, string $enum): array
    {
        $out = [];
        foreach ($this->items($key, 0, count($enum::cases())) as $i => $value) {
            $out[] = $this->further(['' => $value], "{$this->at($key)}[{$i}]")->enum('', $enum);
        }

        return array_values(array_unique($out, SORT_REGULAR));
    }

    public function object(string $key): self
    {
        return $this->further($this->data[$key] ?? null, $this->at($key));
    }

    public function optional(string $key): ?self
    {
        return $this->has($key) ? $this->object($key) : null;
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $read
     * @param  (callable(mixed): ?T)|null  $quick  tried first, for long lists; null where it cannot tell
     * @return list<T>
     */
    public function list(string $key, callable $read, int $min = 0, int $max = 20_000, ?callable $quick = null): array
    {
        $out = [];
        foreach ($this->items($key, $min, $max) as $i => $value) {
            try {
                $out[] = ($quick === null ? null : $quick($value)) ?? $read($this->further($value, "{$this->at($key)}[{$i}]"));
            } catch (InvalidInput $problem) {
                if (! $this->lenient) {
                    throw $problem;
                }
            }
        }

        return $out;
    }

    /** @return array<array-key, mixed> */
    public function raw(): array
    {
        return $this->data;
    }

    /** @return list<mixed> */
    private function items(string $key, int $min, int $max): array
    {
        $value = $this->data[$key] ?? ($min === 0 ? [] : null);
        if ($this->lenient) {
            return array_slice(array_values(self::plainArray($value)), 0, $max);
        }
        if (! is_array($value) || ! array_is_list($value)) {
            $this->fail($key, 'a list is expected here');
        }
        if (count($value) < $min || count($value) > $max) {
            $this->fail($key, "between {$min} and {$max} entries are expected");
        }

        return $value;
    }

    /** What lies within, read as strictly as this. */
    private function further(mixed $data, string $place): self
    {
        return $this->lenient ? new self(self::plainArray($data), $place, true) : self::of($data, $place);
    }

    /** @return array<array-key, mixed> */
    private static function plainArray(mixed $data): array
    {
        return is_array($data) || $data instanceof \stdClass ? (array) $data : [];
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(sprintf('%.2F', $number), '0'), '.');
    }
}
