<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Paint\Interpolation;
use Kindred\Paint\Ramp;

/**
 * Colours that run into each other between stops (CSS Images 4, section 3). A stop that is said to lie before the one before it lies at that one's place.
 *
 * @property-read list<Stop> $stops
 * @property-read Interpolation $space
 * @property-read bool $repeats
 */
interface Gradient extends Paint
{
    /** So many stops at most. */
    public const MAX = 32;

    /** @return list<Stop> */
    public function stops(): array;

    public function ramp(): Ramp;

    /** In which the colours between its stops are mixed. */
    public function space(): Interpolation;

    /** Whether its stops come again and again, before and after. */
    public function repeats(): bool;

    /**
     * The place on its line whose colour a point has, of which stops at 0 and 1 are the ends.
     *
     * @param  Point  $point  px from the corner of the box
     * @param  float  $width  of the box, px
     * @param  float  $height  of the box, px
     */
    public function place(Point $point, float $width, float $height): float;

    /** The colour that a point of a box has. */
    public function colourAt(Point $point, float $width, float $height): Colour;

    /**
     * The line along which its stops lie, as it is shown and dragged.
     *
     * @param  float  $width  of the box, px
     * @param  float  $height  of the box, px
     * @return array{from: Point, to: Point, across: Point|null, places: array{float, float}} its ends in px of the box, the places on it that these are, and of an ellipse how far it reaches down
     */
    public function spine(float $width, float $height): array;

    /**
     * The gradient with its line elsewhere; its stops go with it.
     *
     * @param  float|null  $across  of an ellipse how far it reaches down, px; null for as far as it did
     */
    public function along(Point $from, Point $to, ?float $across, float $width, float $height): static;

    /** The same colours the other way round: the first where the last was. */
    public function reversed(): static;

    /**
     * Each stop in a colour that follows from its own.
     *
     * @param  \Closure(Colour): Colour  $colour
     */
    public function recoloured(\Closure $colour): static;

    /** The stops equally far apart between the first and the last. */
    public function evened(): static;

    /** With one stop more, of the colour that is there; without a place where there is most room. */
    public function withMore(?float $at = null): static;

    /** Without a stop, counted from 0; two at least stay. */
    public function without(int $stop): static;
}
