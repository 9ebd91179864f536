<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A painted edge; width in px, 0.1 to 200. */
final readonly class Stroke implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Parsed(60, label: 'stroke', given: true, absent: ['#1e2223'])] public Colour $colour,
        #[Is\Number(0.1, 200, removes: true, label: 'stroke width', given: true, tries: ['0', '1', '2', '4'])] public float $width = 1.0,
        #[Is\Choice(label: 'stroke position')] public StrokePosition $position = StrokePosition::Inside,
    ) {
    }
}
