<?php

declare(strict_types=1);

namespace Kindred\Geometry;

use Kindred\Input\Reader;
use Kindred\Property\Schema;
use Kindred\Property\Spread;

/**
 * A box, as `x`, `y`, `width` and `height` of what has it, px.
 *
 * @extends Spread<Box>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Sides extends Spread
{
    public const KEYS = ['x', 'y', 'width', 'height'];

    /**
     * @param  float  $min  of width and height
     * @param  list<string>  $need  the keys that must be there
     */
    public function __construct(private readonly float $min = 0, private readonly float $max = Reader::LIMIT, private readonly array $need = self::KEYS, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function read(Reader $in): Box
    {
        return $this->value($in);
    }

    public function spread(mixed $value): array
    {
        return ['x' => $value->x, 'y' => $value->y, 'width' => $value->width, 'height' => $value->height];
    }

    public function schemas(Schema $schema): array
    {
        $place = ['type' => 'number', 'minimum' => -Reader::LIMIT, 'maximum' => Reader::LIMIT];
        $size = ['type' => 'number', 'minimum' => $this->min, 'maximum' => $this->max];

        return ['x' => $place, 'y' => $place, 'width' => $size, 'height' => $size];
    }

    public function mustHave(): array
    {
        return $this->need;
    }

    protected function value(Reader $in): Box
    {
        return new Box($in->number('x'), $in->number('y'), $in->number('width', $this->min, $this->max), $in->number('height', $this->min, $this->max));
    }
}
