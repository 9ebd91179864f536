<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;

/** Lays the line of a gradient (`from`, `to`, of an ellipse `across`) elsewhere in the box of its layers, px from its corner. */
final readonly class PlaceGradient implements Command
{
    use OnPaint;

    public static function type(): string
    {
        return 'place-gradient';
    }

    public function label(Tree $before): string
    {
        return 'Lay the gradient of '.$this->naming($before, $this->layers);
    }

    private function check(): void
    {
        $this->point('from');
        $this->point('to');
        $this->across();
    }

    private function made(Layer $layer, ?Paint $paint): ?Paint
    {
        return $paint instanceof Gradient ? $paint->along($this->point('from'), $this->point('to'), $this->across(), $layer->box->width, $layer->box->height) : null;
    }

    private function point(string $key): Point
    {
        $in = $this->in->object($key);

        return new Point($in->number('x'), $in->number('y'));
    }

    private function across(): ?float
    {
        return $this->in->has('across') ? $this->in->number('across', 0) : null;
    }
}
