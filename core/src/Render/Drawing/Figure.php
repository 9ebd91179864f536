<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;

/** A shape with what paints it: its fills, and over them its stroke. */
final readonly class Figure implements Drawn
{
    /**
     * @param  list<Fill>  $fills  the front one first
     * @param  bool  $round  whether the stroke's ends and corners are round
     * @param  float|null  $line  of what is drawn as a line: how large a hand takes it to be, px; the smaller, the calmer
     */
    private function __construct(public Shape $shape, public array $fills, public ?Stroke $stroke, public bool $round, public ?float $line)
    {
    }

    /** @param  list<Fill>  $fills */
    public static function filled(Shape $shape, array $fills, ?Stroke $stroke, bool $round = false): self
    {
        return new self($shape, $fills, $stroke, $round, null);
    }

    /** @param  float  $size  that a hand takes it to have, px: the smaller, the calmer it is drawn */
    public static function line(Shape $shape, Stroke $stroke, float $size): self
    {
        return new self($shape, [], $stroke, false, $size);
    }

    public function paintedBy(Painter $painter): string
    {
        return $painter->figure($this);
    }

    /** A stroke that does not go out with its shape lies on the edge. */
    public function reach(): float
    {
        $width = $this->stroke->width ?? 0.0;
        $offset = $this->stroke === null || $this->shape->grown(1) === $this->shape ? 0.0 : $this->stroke->position->offset();

        return $width * ($offset + 0.5);
    }
}
