<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Geometry\Number as Format;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * A list of lengths from 0 to 1,000 px, typed one after the other: `4 2`.
 *
 * @extends Property<list<float>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Lengths extends Property
{
    public const LONGEST = 1000.0;

    /** @param  int  $max  so many of them */
    public function __construct(public readonly int $max, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function animation(): Animation
    {
        return Animation::ByValue;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'array', 'maxItems' => $this->max, 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => self::LONGEST]];
    }

    public function shown(mixed $value): string
    {
        return is_array($value) ? implode(' ', array_map(fn (mixed $one): string => is_float($one) ? Format::text($one) : '', $value)) : '';
    }

    /** @return list<float> */
    protected function entered(string $text, mixed $has, Typing $typing): array
    {
        $words = array_values(array_filter((array) preg_split('/[\s,]+/', trim($text)), fn (mixed $word): bool => $word !== ''));
        foreach ($words as $word) {
            if (! is_numeric($word)) {
                throw new InvalidInput('value', ucfirst($this->label()).' are lengths in px with spaces between them, like 4 2');
            }
        }

        return $this->value(Reader::of([$this->name => array_map(floatval(...), $words)]));
    }

    /** @return list<float> */
    public function value(Reader $in): array
    {
        $all = $in->numbers($this->name, $this->max);
        foreach ($all as $one) {
            if ($one < 0 || $one > self::LONGEST) {
                return $in->orElse(fn (): array => $in->fail($this->name, 'lengths lie between 0 and '.Format::text(self::LONGEST).' px'), []);
            }
        }

        return $all;
    }
}
