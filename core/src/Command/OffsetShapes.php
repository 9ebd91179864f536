<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Document\Style\StrokeOutline;
use Kindred\Document\Tree;
use Kindred\Input\Arithmetic;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Shapes;

/** Moves the edges of shapes outwards by a distance in px, or inwards where it is less than 0; they are paths then. */
final readonly class OffsetShapes implements UsesShapes
{
    use OnShapes;
    use OnShapes;

    private const FURTHEST = 500;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private float $by, private StrokeJoin $join, private ?Shapes $shapes = null)
    {
    }

    public static function type(): string
    {
        return 'offset-shapes';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), self::distance($in), $in->has('join') ? $in->enum('join', StrokeJoin::class) : StrokeJoin::Miter);
    }

    public function withShapes(Shapes $shapes): static
    {
        return new self($this->screen, $this->layers, $this->by, $this->join, $shapes);
    }

    public function apply(Tree $tree): Tree
    {
        $made = 0;
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $shape = Shapes::isOne($layer) ? $this->shapes()->of($tree, $layer) : null;
            if ($shape !== null && $this->by !== 0.0) {
                $tree = $this->asPath($tree, $layer, StrokeOutline::offset($shape->curves, $this->by, $this->join, $shape->evenOdd));
                $made++;
            }
        }

        return $made > 0 ? $tree : throw new InvalidInput('layers', 'There is no shape here whose edge could be moved.');
    }

    /** A number, or what is typed for one: a sum works, and a sign before it is its own. */
    private static function distance(Reader $in): float
    {
        $by = is_string($in->raw()['by'] ?? null) ? Arithmetic::evaluate($in->string('by', 80, false), place: 'by') : $in->number('by', -self::FURTHEST, self::FURTHEST);

        return abs($by) <= self::FURTHEST ? $by : $in->fail('by', 'the number must lie between -'.self::FURTHEST.' and '.self::FURTHEST);
    }

    public function label(Tree $before): string
    {
        return ($this->by > 0 ? 'Grow ' : 'Shrink ').$this->naming($before, $this->layers);
    }
}
