<?php

declare(strict_types=1);

namespace Kindred\Input;

/**
 * Works out what is typed into a number field: `24`, `(320 - 3*16) / 2`, `50% - 8`.
 *
 * Grammar: sum = product (("+" | "-") product)*, product = factor (("*" | "/") factor)*,
 * factor = ("+" | "-") factor | number ["%" | "px"] | "(" sum ")". A percentage is of the base.
 */
final class Arithmetic
{
    private int $at = 0;

    private int $depth = 0;

    /** @param  list<string>  $tokens */
    private function __construct(
        private readonly array $tokens,
        private readonly string $text,
        private readonly ?float $base,
        private readonly string $place,
    ) {
    }

    /**
     * @param  float|null  $base  what 100% stands for; null where percentages mean nothing
     *
     * @throws InvalidInput
     */
    public static function evaluate(string $text, ?float $base = null, string $place = 'value'): float
    {
        $clean = str_replace(['×', '÷', '−', ','], ['*', '/', '-', '.'], strtolower(trim($text)));
        preg_match_all('#\d+\.?\d*|\.\d+|px|[-+*/()%]|\S#u', $clean, $found);
        $self = new self($found[0], $text, $base, $place);
        $value = $self->sum();
        if ($self->at < count($self->tokens)) {
            $self->fail();
        }
        if (! is_finite($value)) {
            throw new InvalidInput($place, "“{$text}” has no finite value");
        }

        return round($value, 4);
    }

    /**
     * A sum that is typed where a value is shown already: `+10`, `*2` and `/2` are about that value, `=80*1.5` says one outright, as
     * `80*1.5` does. `-10` is minus ten.
     *
     * @param  string|null  $has  the value as it is shown; null where there is none to go by
     * @return string what to evaluate
     */
    public static function about(string $text, ?string $has): string
    {
        if (preg_match('#^\s*([+*/×÷=])\s*(\S.*)$#us', $text, $typed) !== 1) {
            return $text;
        }
        if ($typed[1] === '=') {
            return $typed[2];
        }
        if ($has === null || ! is_numeric(rtrim($has, '%'))) {
            return $text;
        }
        $percent = str_ends_with($has, '%') && $typed[1] === '+' && is_numeric($typed[2]);

        return $percent ? "{$has} + {$typed[2]}%" : "{$has} {$typed[1]} ({$typed[2]})";
    }

    private function sum(): float
    {
        $value = $this->product();
        while (($sign = $this->take('+', '-')) !== null) {
            $value += $sign === '+' ? $this->product() : -$this->product();
        }

        return $value;
    }

    private function product(): float
    {
        $value = $this->factor();
        while (($sign = $this->take('*', '/')) !== null) {
            $other = $this->factor();
            if ($sign === '/' && $other === 0.0) {
                throw new InvalidInput($this->place, "“{$this->text}” divides by zero");
            }
            $value = $sign === '*' ? $value * $other : $value / $other;
        }

        return $value;
    }

    private function factor(): float
    {
        if (++$this->depth > 200) {
            $this->fail();
        }
        $sign = $this->take('+', '-');
        if ($sign !== null) {
            return $sign === '+' ? $this->factor() : -$this->factor();
        }
        if ($this->take('(') !== null) {
            $value = $this->sum();
            if ($this->take(')') === null) {
                $this->fail();
            }

            return $value;
        }
        $token = $this->tokens[$this->at] ?? '';
        if (! is_numeric($token)) {
            $this->fail();
        }
        $this->at++;
        if ($this->take('%') !== null) {
            if ($this->base === null) {
                throw new InvalidInput($this->place, "“{$this->text}”: a percentage has nothing to refer to here");
            }

            return (float) $token / 100 * $this->base;
        }
        $this->take('px');

        return (float) $token;
    }

    private function take(string ...$wanted): ?string
    {
        $token = $this->tokens[$this->at] ?? null;
        if ($token === null || ! in_array($token, $wanted, true)) {
            return null;
        }
        $this->at++;

        return $token;
    }

    private function fail(): never
    {
        throw new InvalidInput($this->place, "“{$this->text}” is not a number or sum; write for example 24, 3*8 or 50% - 12");
    }
}
