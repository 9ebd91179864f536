<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** What facets share that are set by what is typed. */
trait Typed
{
    /** As it is called where something is wrong with it. */
    abstract public function label(): string;

    /**
     * @param  float|null  $base  what 100% stands for; null where percentages mean nothing
     * @param  string|null  $has  the value as it is shown, where what is typed may be about it: `+10`, `*2`
     *
     * @throws InvalidInput
     */
    private function number(string $value, ?float $base, float $min, float $max, ?string $has = null, string $unit = ''): float
    {
        $number = Arithmetic::evaluate(Arithmetic::about($value, $has), $base);
        if ($number < $min || $number > $max) {
            throw new InvalidInput('value', sprintf('%s must lie between %s and %s%s', ucfirst($this->label()), $min, $max, $unit));
        }

        return $number;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws InvalidInput
     */
    private function choice(string $value, string $enum): \BackedEnum
    {
        return Reader::of(['value' => $value])->enum('value', $enum);
    }
}
