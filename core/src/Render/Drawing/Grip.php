<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

/** On the wall, where a layer is picked: nothing that is seen, the same in every finish. */
final readonly class Grip implements Drawn
{
    /** A thin line can be picked within this many px. */
    private const LINE = 9.0;

    /** @param  array<string, string|int|float|bool|null>  $attributes */
    private function __construct(private Shape $shape, private array $attributes)
    {
    }

    /**
     * All of a shape.
     *
     * @param  array<string, string|bool|null>  $more  that the wall asks for
     */
    public static function inside(Shape $shape, array $more = []): self
    {
        return new self($shape, ['fill' => 'none', 'pointer-events' => 'all'] + $more);
    }

    /** The edge of a shape. */
    public static function along(Shape $shape, float $width): self
    {
        return new self($shape, ['fill' => 'none', 'stroke' => 'none', 'stroke-width' => max(self::LINE, $width), 'pointer-events' => 'stroke']);
    }

    /** The same, but for its edge alone. */
    public function edged(): self
    {
        return new self($this->shape, ['stroke' => 'none', 'stroke-width' => self::LINE, 'pointer-events' => 'stroke'] + $this->attributes);
    }

    /** Whether a line of a width in px is so thin that it needs one. */
    public static function helps(float $width): bool
    {
        return $width < self::LINE;
    }

    public function paintedBy(Painter $painter): string
    {
        return $this->shape->element($this->attributes);
    }

    public function reach(): float
    {
        return 0.0;
    }
}
