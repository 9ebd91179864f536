<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\Painted;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Token\Token;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * A painted edge; width in px, 0.1 to 200. `dash` gives the lengths of dashes and gaps in turn, px, none for an unbroken line (SVG 2, section
 * 13.5.6, `stroke-dasharray`). `sides` are the widths of a box where they are not all `width`. A layer's strokes are listed from the front to
 * the back, all in front of its fills.
 *
 * `along` lets a gradient run along the line, from its start to its end, and not across the box of the layer; strokes with sides of their own have no such line.
 *
 * Where it says no `position`, `cap` or `join`, a stroke lies on the edge of a free path and is round there, and lies inside other shapes with
 * plain ends and corners.
 */
final readonly class Stroke implements Stored
{
    use Declared;

    public const INK = '#1e2223';

    /**
     * @param  list<float>  $dash
     * @param  array<string, string>  $bound  tokens by the names of properties
     */
    public function __construct(
        #[Painted(self::INK, label: 'stroke')] public Paint $paint,
        #[Is\Number(0.1, 200, removes: true, label: 'stroke width', given: true, tries: ['0', '1', '2', '4'])] public float $width = 1.0,
        #[Is\Choice(label: 'stroke position', sparse: true)] public ?StrokePosition $position = null,
        #[Is\Lengths(8, label: 'dashes', sparse: true)] public array $dash = [],
        #[Is\Choice(label: 'ends of the stroke', sparse: true)] public ?StrokeCap $cap = null,
        #[Is\Choice(label: 'corners of the stroke', sparse: true)] public ?StrokeJoin $join = null,
        #[Is\Choice(label: 'start of the stroke', sparse: true)] public StrokeMark $start = StrokeMark::None,
        #[Is\Choice(label: 'end of the stroke', sparse: true)] public StrokeMark $end = StrokeMark::None,
        #[Is\Record(label: 'sides of the stroke', sparse: true)] public ?SideWidths $sides = null,
        #[Is\Number(0, 1, percent: true, label: 'opacity of the stroke', sparse: true)] public float $opacity = 1,
        #[Is\Flag(label: 'hiding of the stroke', sparse: true)] public bool $hidden = false,
        #[Is\Flag(label: 'gradient along the stroke', sparse: true)] public bool $along = false,
        #[Is\Bound(Token::class)] public array $bound = [],
    ) {
    }

    public static function solid(Colour $colour, float $width = 1.0): self
    {
        return new self(new Solid($colour), $width);
    }

    /**
     * @param  list<self>  $strokes
     * @return list<self> those that are not hidden
     */
    public static function seen(array $strokes): array
    {
        return array_values(array_filter($strokes, fn (self $stroke): bool => ! $stroke->hidden));
    }

    /** The gradient that runs along its line; null where none does. */
    public function running(): ?Gradient
    {
        return $this->along && $this->sides === null && $this->paint instanceof Gradient ? $this->paint : null;
    }

    /** @param  bool  $onPath  whether its shape is a free path */
    public function resolvedPosition(bool $onPath): StrokePosition
    {
        return $this->position ?? ($onPath ? StrokePosition::Centre : StrokePosition::Inside);
    }

    public function ends(bool $onPath): StrokeCap
    {
        return $this->cap ?? ($onPath ? StrokeCap::Round : StrokeCap::Butt);
    }

    public function turns(bool $onPath): StrokeJoin
    {
        return $this->join ?? ($onPath ? StrokeJoin::Round : StrokeJoin::Miter);
    }

    /** The one colour that stands for it, seen through as much as it is. */
    public function colour(): Colour
    {
        $colour = $this->paint->colour();

        return $this->opacity >= 1 ? $colour : $colour->withAlpha($colour->alpha * $this->opacity);
    }
}
