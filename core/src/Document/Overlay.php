<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** How a screen lies over others: the same wherever it is laid over one. */
final readonly class Overlay implements Stored
{
    use Declared;

    public const MAX_BLUR = 60.0;

    public const MAX_MARGIN = 400.0;

    /** px; it is no smaller, whatever lies below it. */
    public const MIN_SIDE = 16.0;

    /** Sizes in which a screen that fills what lies below it is drawn at most. */
    public const MOST_SIZES = 12;

    /**
     * @param  float  $x  where it is placed by hand: px from the left of what is seen of the screen below
     * @param  float  $y  and from its top
     * @param  Colour  $scrim  what lies between it and the screen below
     * @param  float  $blur  by how much that is blurred, px
     * @param  bool  $outside  whether a tap beside it takes it off
     * @param  bool  $dragged  whether it can be dragged away, to where it came from
     * @param  Transition|null  $transition  how it comes; null for as its place asks for
     * @param  float  $margin  px that are kept free between it and the edges of what is seen of the screen below
     */
    public function __construct(
        #[Is\Choice(absent: [Anchor::Bottom], affects: Is\Affects::Nothing)] public Anchor $place,
        #[Is\Parsed(60, label: 'scrim', absent: ['#1e222266'], affects: Is\Affects::Nothing)] public Colour $scrim,
        #[Is\Number(-Screen::MAX_SIDE, Screen::MAX_SIDE, sparse: true, affects: Is\Affects::Nothing)] public float $x = 0,
        #[Is\Number(-Screen::MAX_SIDE, Screen::MAX_SIDE, sparse: true, affects: Is\Affects::Nothing)] public float $y = 0,
        #[Is\Number(0, self::MAX_BLUR, unit: ' px', label: 'blur of what lies below', sparse: true, affects: Is\Affects::Nothing)] public float $blur = 0,
        #[Is\Flag(label: 'taken off by a tap beside it', affects: Is\Affects::Nothing)] public bool $outside = true,
        #[Is\Flag(label: 'can be dragged away', sparse: true, affects: Is\Affects::Nothing)] public bool $dragged = false,
        #[Is\Record(sparse: true, affects: Is\Affects::Nothing)] public ?Transition $transition = null,
        #[Is\Choice(sparse: true, affects: Is\Affects::Nothing)] public Span $width = Span::Own,
        #[Is\Choice(sparse: true, affects: Is\Affects::Nothing)] public Span $height = Span::Own,
        #[Is\Number(0, self::MAX_MARGIN, unit: ' px', label: 'margin', sparse: true, affects: Is\Affects::Nothing)] public float $margin = 0,
    ) {
    }

    /** How a screen lies over others of which nothing is said. */
    public static function usual(): self
    {
        return new self(Anchor::Bottom, Colour::parse('#1e222266'));
    }

    /** How it comes: from the edge at which it lies, or out of nothing. */
    public function coming(): Transition
    {
        $way = $this->place->way();

        return $this->transition ?? new Transition($way === null ? TransitionKind::Dissolve : TransitionKind::Cover, $way ?? Direction::Up, 250, 0, Easing::parse('ease-out'));
    }

    /** Whether its size follows what lies below it. */
    public function fills(): bool
    {
        return $this->width === Span::Whole || $this->height === Span::Whole;
    }

    /**
     * How large it is over another screen: what is longer than what is seen below is scrolled.
     *
     * @param  float  $width  of what is seen below, px; `$height` as well
     * @param  float  $ownWidth  of the screen as it is drawn; `$ownHeight` what is seen of it at once
     * @return array{float, float} px
     */
    public function size(float $width, float $height, float $ownWidth, float $ownHeight): array
    {
        [$across, $down] = [self::room($width, $this->margin), self::room($height, $this->margin)];

        return [$this->width === Span::Whole ? $across : $ownWidth, $this->height === Span::Whole ? $down : min($ownHeight, $down)];
    }

    /** What of a length is left between margins, px. */
    public static function room(float $length, float $margin): float
    {
        return max(self::MIN_SIDE, $length - 2 * $margin);
    }

    /** Whether nothing is seen beside it; px, as of its size. */
    public function covers(float $width, float $height, float $ownWidth, float $ownHeight): bool
    {
        [$across, $down] = $this->size($width, $height, $ownWidth, $ownHeight);

        return $this->place !== Anchor::Hand && $this->place !== Anchor::Beside && $across >= $width && $down >= $height;
    }

    /**
     * Where it lies in what is seen of the screen below.
     *
     * @param  float  $width  of what is seen, px; `$height` as well
     * @param  Box  $own  as large as it is there
     * @param  Box|null  $beside  what was tapped, in what is seen
     */
    public function box(float $width, float $height, Box $own, ?Box $beside = null): Box
    {
        $along = fn (float $room, float $side, float $share): float => $this->margin + ($room - 2 * $this->margin - $side) * $share;
        [$x, $y] = match (true) {
            $this->place === Anchor::Hand => [$this->x, $this->y],
            $this->place === Anchor::Beside && $beside !== null => $this->beside($width, $height, $own, $beside),
            default => [$along($width, $own->width, $this->place->share()[0]), $along($height, $own->height, $this->place->share()[1])],
        };

        return new Box($x, $y, $own->width, $own->height);
    }

    /**
     * Below what was tapped, or above where there is more room, and no further over the edge than it must.
     *
     * @return array{float, float}
     */
    private function beside(float $width, float $height, Box $own, Box $beside): array
    {
        $below = $beside->bottom() + $own->height <= $height || $beside->y < $height - $beside->bottom();

        return [max($this->margin, min($beside->x, $width - $this->margin - $own->width)), $below ? $beside->bottom() : $beside->y - $own->height];
    }
}
