<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Document\Token\Token;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * A colour at a place on the line of a gradient: 0 is its start, 1 its end, and stops may lie beyond both. `hint` is the place between
 * it and the next stop at which half of both is mixed; null for the middle (CSS Images 4, section 3.4.2).
 */
final readonly class Stop implements Stored
{
    use Declared;

    public const FURTHEST = 20;

    /** @param  array<string, string>  $bound  tokens by the names of properties */
    public function __construct(
        #[Is\Parsed(200, label: 'colour of the stop', given: true, absent: ['#ffffff'])] public Colour $colour,
        #[Is\Number(-self::FURTHEST, self::FURTHEST, percent: true, label: 'place of the stop', given: true)] public float $at = 0,
        #[Is\Number(-self::FURTHEST, self::FURTHEST, percent: true, label: 'middle after the stop', sparse: true)] public ?float $hint = null,
        #[Is\Bound(Token::class)] public array $bound = [],
    ) {
    }
}
