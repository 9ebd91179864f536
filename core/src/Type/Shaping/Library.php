<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

use FFI;
use FFI\CData;

/** A library of C whose functions are called by their names. */
final readonly class Library
{
    private FFI $ffi;

    /**
     * @param  string  $interface  declarations, in C
     *
     * @throws FFI\Exception where it is not installed
     */
    public function __construct(string $interface, string $file)
    {
        $this->ffi = FFI::cdef($interface, $file);
    }

    public function call(string $function, mixed ...$arguments): mixed
    {
        return $this->ffi->{$function}(...$arguments); // @phpstan-ignore method.dynamicName (the interface declares it)
    }

    /** A function that gives a pointer; null where that points nowhere. */
    public function pointer(string $function, mixed ...$arguments): ?CData
    {
        $pointer = $this->call($function, ...$arguments);

        return $pointer instanceof CData && ! FFI::isNull($pointer) ? $pointer : null;
    }

    /** A function that makes something. */
    public function made(string $function, mixed ...$arguments): CData
    {
        return $this->pointer($function, ...$arguments) ?? throw new \RuntimeException("{$function} gave nothing.");
    }

    /**
     * Room for whole numbers of 32 bits, with some in it.
     *
     * @param  list<int>  $numbers
     */
    public function numbers(array $numbers): CData
    {
        $room = $this->ffi->new('uint32_t['.max(1, count($numbers)).']') ?? throw new \RuntimeException('There is no room left.');
        $bytes = pack('V*', ...$numbers);
        FFI::memcpy($room, $bytes, strlen($bytes));

        return $room;
    }

    /** @return list<int> so many whole numbers of 32 bits that lie somewhere */
    public static function read(CData $from, int $count, bool $signed = false): array
    {
        $numbers = $count <= 0 ? [] : unpack($signed ? 'l*' : 'V*', FFI::string($from, max(0, 4 * $count)));

        return $numbers === false ? [] : array_values(array_filter($numbers, is_int(...)));
    }
}
