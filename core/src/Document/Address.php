<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/**
 * Where a layer is shown: its id and, where something shows it several times, which of the copies is meant, from the
 * outermost in: `label` in its own place, `label.row1` in a cell of an array, `label.row1.size2` in a cell of an array in that cell,
 * `label.button1` in an instance of its component. The copy in an instance is called as that is.
 */
final readonly class Address implements \Stringable
{
    private const SEPARATOR = '.';

    /** Characters: an id is 26 at most, and things lie 32 deep in each other. */
    private const MAX_LENGTH = 27 * 33;

    /** @param  list<string>  $copies  their names, the outermost first */
    public function __construct(public string $layer, public array $copies = [])
    {
    }

    /** Reads what somebody wrote; what is no address is that of a layer that is not there. */
    public static function of(string $written): self
    {
        $parts = explode(self::SEPARATOR, $written);

        return new self($parts[0], array_slice($parts, 1));
    }

    /** Reads one from a command. */
    public static function read(Reader $in, string $key): self
    {
        return self::checked(self::of($in->string($key, self::MAX_LENGTH, false)), $in, $key);
    }

    /** @return non-empty-list<self> those that a command names, each once */
    public static function all(Reader $in, string $key, int $max = 5000): array
    {
        $many = is_array($in->raw()[$key] ?? null) ? count($in->raw()[$key]) : 0;
        if ($many > $max && ! $in->isLenient()) {
            $in->fail($key, 'At most '.number_format($max).' layers are taken at once; select fewer.');
        }
        $addresses = [];
        foreach ($in->strings($key, self::MAX_LENGTH, $max, true) as $i => $written) {
            $addresses[$written] ??= self::checked(self::of($written), $in, "{$key}[{$i}]");
        }

        return $addresses === [] ? $in->fail($key, "between 1 and {$max} entries are expected") : array_values($addresses);
    }

    /** The layer that a command names: a change in a copy is one of what all of them show. */
    public static function layer(Reader $in, string $key): string
    {
        return self::read($in, $key)->layer;
    }

    public static function optionalLayer(Reader $in, string $key): ?string
    {
        return $in->has($key) ? self::layer($in, $key) : null;
    }

    /** @return non-empty-list<string> the layers that a command names, each once */
    public static function layers(Reader $in, string $key = 'layers', int $max = 5000): array
    {
        return self::layersOf(self::all($in, $key, $max));
    }

    /**
     * The layers of some addresses, each once.
     *
     * @param  list<self>  $addresses
     * @return ($addresses is non-empty-list ? non-empty-list<string> : list<string>)
     */
    public static function layersOf(array $addresses): array
    {
        return array_values(array_unique(array_map(fn (self $one): string => $one->layer, $addresses)));
    }

    /**
     * The ids of all that some addresses name: of the layers, and of what may show the copies in which they lie.
     *
     * @param  list<self>  $addresses
     * @return list<string>
     */
    public static function named(array $addresses): array
    {
        return array_values(array_unique(array_merge([], ...array_map(fn (self $one): array => [$one->layer, ...$one->copies], $addresses))));
    }

    /**
     * Whether all of them lie in the same copies, or in none.
     *
     * @param  list<self>  $addresses
     */
    public static function areTogether(array $addresses): bool
    {
        return count(array_unique(array_map(fn (self $one): array => $one->copies, $addresses), SORT_REGULAR)) === 1;
    }

    private static function checked(self $address, Reader $in, string $key): self
    {
        foreach ([$address->layer, ...$address->copies] as $id) {
            if (preg_match(Reader::ID, $id) !== 1) {
                Reader::of([$key => $id], $in->at(''))->id($key);
            }
        }

        return $address;
    }

    /** The same layer in a copy that lies in all that this names. */
    public function inside(string $copy): self
    {
        return new self($this->layer, [...$this->copies, $copy]);
    }

    /** The address as it is called within the outermost of its copies. */
    public function within(): self
    {
        return new self($this->layer, array_slice($this->copies, 1));
    }

    /** Another layer at the same place. */
    public function with(string $layer): self
    {
        return new self($layer, $this->copies);
    }

    /** The same place within what an instance shows, as it is called from where that is. */
    public function inInstance(self $instance): self
    {
        return new self($this->layer, [...$instance->copies, $instance->layer, ...$this->copies]);
    }

    /**
     * The same place where layers have other ids: it may name some that show copies, too.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): self
    {
        $new = fn (string $id): string => $ids[$id] ?? $id;

        return new self($new($this->layer), array_map($new, $this->copies));
    }

    public function __toString(): string
    {
        return implode(self::SEPARATOR, [$this->layer, ...$this->copies]);
    }
}
