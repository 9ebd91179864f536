<?php

declare(strict_types=1);

namespace Kindred\Document\Grid;

use Kindred\Geometry\Axis;
use Kindred\Geometry\Number;
use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** The ruler guides of a screen, px from its corner, in order: `x` are upright, `y` level. */
final readonly class Guides implements Stored
{
    use Declared;

    public const MAX = 100;

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    public function __construct(
        #[Is\Numbers(self::MAX, label: 'guides')] public array $x = [],
        #[Is\Numbers(self::MAX, label: 'guides')] public array $y = [],
    ) {
    }

    public static function read(Reader $in): self
    {
        $guides = self::of($in);

        return new self(self::sorted($guides->x), self::sorted($guides->y));
    }

    /** @return list<float> */
    public function along(Axis $axis): array
    {
        return $axis === Axis::X ? $this->x : $this->y;
    }

    /** With a guide moved from one place to another; a null adds or removes one. */
    public function moved(Axis $axis, ?float $from, ?float $to): self
    {
        $left = array_values(array_filter($this->along($axis), fn (float $at): bool => $from === null || abs($at - $from) > 0.001));

        return $this->replaced($axis, $to === null ? $left : [...$left, $to]);
    }

    /** With the guides of an axis as they are typed: `24, 50%, 390 - 24`. */
    public function typed(Axis $axis, string $value, float $length): self
    {
        $parts = array_filter(array_map(trim(...), explode(',', str_replace(';', ',', $value))), fn (string $part): bool => $part !== '');

        return $this->replaced($axis, array_map(fn (string $part): float => Arithmetic::evaluate($part, $length), array_values($parts)));
    }

    public function text(Axis $axis): string
    {
        return implode(', ', array_map(Number::text(...), $this->along($axis)));
    }

    /** @param  list<float>  $at */
    private function replaced(Axis $axis, array $at): self
    {
        if (count($at) > self::MAX) {
            throw new InvalidInput('value', 'A screen has at most '.self::MAX.' guides along an axis.');
        }
        foreach ($at as $one) {
            if (abs($one) > Reader::LIMIT) {
                throw new InvalidInput('value', 'A guide lies between -'.number_format(Reader::LIMIT).' and '.number_format(Reader::LIMIT).' px; this one would lie at '.number_format($one).' px. Nothing was changed.');
            }
        }

        return $axis === Axis::X ? new self(self::sorted($at), $this->y) : new self($this->x, self::sorted($at));
    }

    /**
     * @param  list<float>  $at
     * @return list<float>
     */
    private static function sorted(array $at): array
    {
        $at = array_values(array_unique($at));
        sort($at);

        return $at;
    }
}
