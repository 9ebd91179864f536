<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Geometry\Number as Format;
use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * A number. Sums can be typed, also about what there is: `+10`, `*2` (see `Arithmetic`).
 *
 * @extends Property<float>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Number extends Property
{
    /**
     * @param  Base|null  $base  what 100% stands for where it is typed; null where percentages mean nothing
     * @param  string  $unit  where it is said between what it must lie
     * @param  bool  $percent  whether it is shown and typed in percent of one
     * @param  bool  $removes  whether a number below the minimum removes what the property is of: a stroke of no width
     * @param  float|null  $turn  what of it is a whole turn, after which it begins anew
     */
    public function __construct(
        public readonly float $min = -Reader::LIMIT,
        public readonly float $max = Reader::LIMIT,
        private readonly ?Base $base = null,
        private readonly string $unit = '',
        private readonly bool $percent = false,
        public readonly bool $removes = false,
        private readonly ?float $turn = null,
        mixed ...$more,
    ) {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'number', 'minimum' => $this->min, 'maximum' => $this->max];
    }

    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    /** Whether it is counted in px, not a share or an angle. */
    public function isLength(): bool
    {
        return ! $this->percent && $this->turn === null && $this->base !== Base::One;
    }

    public function shown(mixed $value): string
    {
        return ! is_float($value) ? '' : ($this->percent ? Format::text($value * 100).'%' : Format::text($value));
    }

    /** @return float|null null where what was typed takes away what it is of */
    protected function entered(string $text, mixed $has, Typing $typing): ?float
    {
        $own = is_float($has) ? $has : 0.0;
        $sum = Arithmetic::about($text, is_float($has) ? $this->shown($has) : null);
        $number = Arithmetic::evaluate($sum, $this->percent ? 1.0 : $typing->length($this->base, $own));
        if ($this->percent && ! str_contains($sum, '%') && ($number > 1 || $this->max > 1)) {
            $number /= 100;
        }
        if ($this->turn !== null && abs($number) <= $this->turn * 100) {
            $number = fmod($number, $this->turn);
        }
        if ($this->removes && $number >= 0 && $number < $this->min) {
            return null;
        }
        if ($number < $this->min || $number > $this->max) {
            [$factor, $unit] = $this->percent ? [100, ' %'] : [1, $this->unit];
            $from = $this->removes ? 0.0 : $this->min * $factor;
            throw new InvalidInput('value', ucfirst($this->label()).' must lie between '.Format::text($from).' and '.Format::text($this->max * $factor).$unit);
        }

        return $number;
    }

    public function value(Reader $in): float
    {
        return $in->number($this->name, $this->min, $this->max);
    }
}
