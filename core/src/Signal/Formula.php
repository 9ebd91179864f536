<?php

declare(strict_types=1);

namespace Kindred\Signal;

use Kindred\Input\InvalidInput;

/**
 * Arithmetic on signals, as it stands between braces: numbers, names of signals, `+ - * /` and brackets. A name may be
 * followed by a part after a point (`firing.opens`).
 *
 * It is compiled into steps for a machine with a stack of values, so that what runs them needs no grammar (reverse Polish
 * notation): `put` a `number`, `read` a `part` of a `signal`, `add`, `subtract`, `multiply`, `divide`, `negate`.
 *
 * @phpstan-type Step array{do: string, number?: float, signal?: string, part?: string}
 */
final class Formula
{
    public const MAX_LENGTH = 300;

    private const OPERATORS = ['+' => 'add', '-' => 'subtract', '*' => 'multiply', '×' => 'multiply', '/' => 'divide', '÷' => 'divide'];

    /** @var list<string> */
    private array $tokens;

    private int $at = 0;

    /** @var list<Step> */
    private array $steps = [];

    private function __construct(string $source)
    {
        if (mb_strlen($source) > self::MAX_LENGTH) {
            throw new InvalidInput('words', 'What stands between braces has at most '.self::MAX_LENGTH.' characters.');
        }
        preg_match_all('/\d+(?:\.\d+)?|[\pL_][\pL\pN_]*(?:\.[\pL\pN_]+)?|\S/u', $source, $match);
        $this->tokens = $match[0];
    }

    /**
     * @return list<Step>
     *
     * @throws InvalidInput when it is no formula
     */
    public static function parse(string $source): array
    {
        $self = new self($source);
        $self->sum();
        if ($self->at < count($self->tokens)) {
            $self->fail();
        }

        return $self->steps;
    }

    private function sum(): void
    {
        $this->product();
        while (in_array($operator = $this->next(), ['+', '-', '−'], true)) {
            $this->at++;
            $this->product();
            $this->steps[] = ['do' => $operator === '+' ? 'add' : 'subtract'];
        }
    }

    private function product(): void
    {
        $this->factor();
        while (in_array($operator = $this->next(), ['*', '×', '/', '÷'], true)) {
            $this->at++;
            $this->factor();
            $this->steps[] = ['do' => self::OPERATORS[$operator]];
        }
    }

    private function factor(): void
    {
        $token = $this->next();
        $this->at++;
        if ($token === '-' || $token === '−') {
            $this->factor();
            $this->steps[] = ['do' => 'negate'];
        } elseif ($token === '(') {
            $this->sum();
            if ($this->next() !== ')') {
                $this->fail();
            }
            $this->at++;
        } elseif (is_numeric($token)) {
            $this->steps[] = ['do' => 'put', 'number' => (float) $token];
        } elseif ($token !== null && preg_match('/^[\pL_]/u', $token) === 1) {
            [$signal, $part] = explode('.', mb_strtolower($token), 2) + [1 => ''];
            $this->steps[] = ['do' => 'read', 'signal' => $signal, 'part' => $part];
        } else {
            $this->at--;
            $this->fail();
        }
    }

    private function next(): ?string
    {
        return $this->tokens[$this->at] ?? null;
    }

    private function fail(): never
    {
        $token = $this->next();
        throw new InvalidInput('words', $token === null ? 'The formula ends too soon.' : "“{$token}” is not expected here; a formula holds numbers, signals, + - * / and brackets.");
    }
}
