<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * A whole number. Sums can be typed, as of a `Number`.
 *
 * @extends Property<int>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
class Whole extends Property
{
    /** @param  string  $unit  where it is said between what it must lie */
    public function __construct(public readonly int $min, public readonly int $max, private readonly string $unit = '', mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'integer', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    protected function entered(string $text, mixed $has, Typing $typing): int
    {
        $number = $this->number(Arithmetic::evaluate(Arithmetic::about($text, is_int($has) ? (string) $has : null)));
        if ($number < $this->min || $number > $this->max) {
            throw new InvalidInput('value', ucfirst($this->label())." must lie between {$this->min} and {$this->max}{$this->unit}");
        }

        return (int) $number;
    }

    /** @throws InvalidInput where a number is no whole one */
    protected function number(float $number): float
    {
        return $number === floor($number) ? $number : throw new InvalidInput('value', 'a whole number is expected here');
    }

    public function value(Reader $in): int
    {
        return $in->whole($this->name, $this->min, $this->max);
    }
}
