<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** One solid coat of paint. A layer's fills are listed from the front to the back. */
final readonly class Fill implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Parsed(60, label: 'fill', given: true, absent: ['#ffffff'])] public Colour $colour,
    ) {
    }
}
