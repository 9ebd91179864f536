<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Style\StrokePosition;

/** A shape with what paints it: its fills, and over them its strokes. */
final readonly class Figure implements Drawn
{
    /**
     * @param  list<Fill>  $fills  the front one first
     * @param  list<Stroke>  $strokes  the front one first
     * @param  list<Shadow>  $shadows  the front one first
     * @param  bool  $onPath  whether it is a free path
     * @param  float|null  $line  of what is drawn as a line: how large a hand takes it to be, px; the smaller, the calmer
     */
    private function __construct(public Shape $shape, public array $fills, public array $strokes, public array $shadows, public bool $onPath, public ?float $line)
    {
    }

    /**
     * @param  list<Fill>  $fills
     * @param  list<Stroke>  $strokes
     * @param  list<Effect>  $effects  of which it has the shadows
     */
    public static function filled(Shape $shape, array $fills, array $strokes, array $effects = [], bool $onPath = false): self
    {
        return new self($shape, Fill::seen($fills), Stroke::seen($strokes), Effect::seen($effects, Shadow::class), $onPath, null);
    }

    /**
     * @param  list<Stroke>  $strokes
     * @param  float  $size  that a hand takes it to have, px: the smaller, the calmer it is drawn
     */
    public static function line(Shape $shape, array $strokes, float $size): self
    {
        return new self($shape, [], Stroke::seen($strokes), [], false, $size);
    }

    public function paintedBy(Painter $painter): string
    {
        return $painter->figure($this);
    }

    /** Where a stroke lies: what has no inside has it on its edge. */
    public function resolvedPosition(Stroke $stroke): StrokePosition
    {
        return $this->shape->isClosed() ? $stroke->resolvedPosition($this->onPath) : StrokePosition::Centre;
    }

    public function reach(): float
    {
        return max([0.0, ...array_map(
            fn (Stroke $stroke): float => max($stroke->sides?->widths() ?? [$stroke->width]) * max($this->resolvedPosition($stroke)->offset() + 0.5, $stroke->start->reach(), $stroke->end->reach()),
            $this->strokes,
        ), ...array_map(fn (Shadow $shadow): float => $shadow->reach(), $this->shadows)]);
    }
}
