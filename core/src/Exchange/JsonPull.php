<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Input\InvalidInput;

/**
 * Reads JSON (RFC 8259) that is too large to be held, piece by piece: whoever walks through it takes each value whole,
 * or goes on into it; what is not taken is passed over.
 *
 * It finds where values begin and end; what lies between is read by `json_decode`.
 */
final class JsonPull
{
    /** Levels of nesting of one value that is taken whole. */
    private const DEPTH = 128;

    /** Bytes of one value that is taken whole. */
    private const LARGEST = 64 * 1024 * 1024;

    /** @var \Iterator<mixed, string> */
    private \Iterator $chunks;

    private string $text = '';

    private int $at = 0;

    /** Bytes before what is at hand, and how many there may be in all. */
    private int $passed = 0;

    /** How often a value was begun: tells whether it was taken. */
    private int $begun = 0;

    /** @param  iterable<string>  $chunks  the text in parts of any length */
    public function __construct(iterable $chunks, private readonly int $max)
    {
        $this->chunks = is_array($chunks) ? new \ArrayIterator($chunks) : new \IteratorIterator($chunks);
        $this->chunks->rewind();
    }

    /** Bytes read so far. */
    public function read(): int
    {
        return $this->passed + $this->at;
    }

    /**
     * The keys of the object that comes next; for each its value may be taken.
     *
     * @return \Generator<int, string>
     *
     * @throws InvalidInput when there is no object, or it is no JSON
     */
    public function keys(): \Generator
    {
        foreach ($this->members('{', '}') as $_) {
            $key = json_decode($this->piece());
            if (! is_string($key) || $this->next() !== ':') {
                $this->fail();
            }
            $this->at++;
            yield from $this->given($key);
        }
    }

    /**
     * The places of the list that comes next, from 0; for each its value may be taken.
     *
     * @return \Generator<int, int>
     *
     * @throws InvalidInput when there is no list, or it is no JSON
     */
    public function items(): \Generator
    {
        $i = 0;
        foreach ($this->members('[', ']') as $_) {
            yield from $this->given($i++);
        }
    }

    /** Whether a list, or an object, comes next. */
    public function isNext(string $bracket): bool
    {
        return $this->next() === $bracket;
    }

    /** The value that comes next, whole. */
    public function value(): mixed
    {
        $this->begun++;
        try {
            return json_decode($this->piece(), true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            $this->fail();
        }
    }

    /** @throws InvalidInput when something follows */
    public function end(): void
    {
        if ($this->next() !== '') {
            $this->fail();
        }
    }

    /**
     * @template T of string|int
     *
     * @param  T  $name
     * @return \Generator<int, T>
     */
    private function given(string|int $name): \Generator
    {
        $this->next();
        $before = $this->begun;
        yield $name;
        if ($this->begun === $before) {
            $this->begun++;
            $this->piece(false);
        }
    }

    /** @return \Generator<int, null> once before each member */
    private function members(string $open, string $close): \Generator
    {
        $this->begun++;
        if ($this->next() !== $open) {
            $this->fail();
        }
        $this->at++;
        if ($this->next() !== $close) {
            while (true) {
                yield null;
                $sign = $this->next();
                if ($sign === $close) {
                    break;
                }
                if ($sign !== ',') {
                    $this->fail();
                }
                $this->at++;
                if (in_array($this->next(), ['}', ']', ''], true)) {
                    $this->fail();
                }
            }
        }
        $this->at++;
    }

    /** The text of the value that comes next; it may be passed over without being held. */
    private function piece(bool $kept = true): string
    {
        $this->next();
        if ($kept) {
            $this->drop();
        }
        $depth = 0;
        $end = $this->at;
        do {
            if ($end >= strlen($this->text)) {
                $this->more() || $this->fail();

                continue;
            }
            $sign = $this->text[$end];
            if ($sign === '"') {
                $end = $this->endOfString($end);
            } elseif ($sign === '{' || $sign === '[') {
                $depth++;
                $end++;
            } elseif ($sign === '}' || $sign === ']') {
                $depth--;
                $end++;
            } elseif ($depth > 0) {
                $end += strcspn($this->text, '"{}[]', $end);
            } else {
                $end = $this->endOfScalar($end);
            }
            if (! $kept && $end > 1 << 20) {
                $this->at = $end;
                $this->drop();
                $end = 0;
            }
        } while ($depth > 0);
        $piece = $kept ? substr($this->text, $this->at, $end - $this->at) : '';
        $this->at = $end;

        return $piece;
    }

    /** After the closing quote of the string that begins there. */
    private function endOfString(int $begin): int
    {
        $from = $begin + 1;
        while (true) {
            // Signs and escapes at once: one by one, a long text of escapes would take as long as it likes.
            if (preg_match('/[^"\\\\]*+(?:\\\\.[^"\\\\]*+)*+\K/As', $this->text, $match, PREG_OFFSET_CAPTURE, $from) !== 1) {
                $this->fail();
            }
            $from = $match[0][1];
            if (($this->text[$from] ?? '') === '"') {
                return $from + 1;
            }
            $this->more() || $this->fail();
        }
    }

    /** After the number or the word that begins there. */
    private function endOfScalar(int $begin): int
    {
        do {
            $end = $begin + strcspn($this->text, " \t\r\n,:{}[]\"", $begin);
        } while ($end === strlen($this->text) && $this->more());

        return $end > $begin ? $end : $this->fail();
    }

    /** The next sign that is no white space, which is not passed; none at the end. */
    private function next(): string
    {
        do {
            $this->at += strspn($this->text, " \t\r\n", $this->at);
            if ($this->at < strlen($this->text)) {
                return $this->text[$this->at];
            }
        } while ($this->more());

        return '';
    }

    /** Forgets what has been passed. */
    private function drop(): void
    {
        if ($this->at > 1 << 16) {
            $this->passed += $this->at;
            $this->text = substr($this->text, $this->at);
            $this->at = 0;
        }
    }

    private function more(): bool
    {
        if (! $this->chunks->valid()) {
            return false;
        }
        $chunk = $this->chunks->current();
        $this->chunks->next();
        $this->text .= $chunk;
        if ($this->passed + strlen($this->text) > $this->max) {
            throw new InvalidInput('', 'The file is larger than '.($this->max >> 20).' MB.');
        }
        if (strlen($this->text) > self::LARGEST + $this->at) {
            throw new InvalidInput('', 'A part of the file is larger than '.(self::LARGEST >> 20).' MB.');
        }

        return true;
    }

    private function fail(): never
    {
        throw new InvalidInput('', 'The file is not JSON: something is wrong near byte '.number_format($this->read()).'.');
    }
}
