<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Geometry\Box;
use Kindred\Input\Reader;
use Kindred\Property\Base;
use Kindred\Property\Number;
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
    /** @var array{x: Number, y: Number, width: Number, height: Number} */
    private readonly array $sides;

    /**
     * @param  float  $min  of width and height
     * @param  list<string>  $need  the keys that must be there
     */
    public function __construct(float $min = 0, float $max = Reader::LIMIT, private readonly array $need = ['x', 'y', 'width', 'height'], string $unit = '', mixed ...$more)
    {
        parent::__construct(...$more);
        $tries = ['*0.75', '*1.25', '*1.5'];
        $sides = [
            'x' => new Number(base: Base::Width, unit: $unit, overridable: true),
            'y' => new Number(base: Base::Height, unit: $unit, overridable: true),
            'width' => new Number($min, $max, base: Base::Width, unit: $unit, overridable: true, tries: $tries),
            'height' => new Number($min, $max, base: Base::Height, unit: $unit, overridable: true, tries: $tries),
        ];
        foreach ($sides as $name => $side) {
            $side->declaredAt(new \ReflectionParameter([Box::class, '__construct'], $name));
        }
        $this->sides = $sides;
    }

    public function read(Reader $in): Box
    {
        return $this->value($in);
    }

    public function spread(mixed $value): array
    {
        return ['x' => $value->x, 'y' => $value->y, 'width' => $value->width, 'height' => $value->height];
    }

    public function parts(mixed $value): array
    {
        return $this->sides; // @phpstan-ignore return.type (whoever asks does not know that all are numbers)
    }

    public function putting(mixed $value, string $key, mixed $part): Box
    {
        return new Box(...[...$this->spread($value), $key => $part]); // @phpstan-ignore argument.type (as its number gave it)
    }

    public function schemas(Schema $schema): array
    {
        return array_map(fn (Number $side): array => $side->schema($schema), $this->sides);
    }

    public function mustHave(): array
    {
        return $this->need;
    }

    public function value(Reader $in): Box
    {
        $side = $this->sides['width'];

        return new Box($in->number('x'), $in->number('y'), $in->number('width', $side->min, $side->max), $in->number('height', $side->min, $side->max));
    }
}
