<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A note as a project file holds it: what it says, who wrote it and when (ISO 8601), and what it is tied to. */
final readonly class FileNote implements Stored
{
    use Declared;

    public const MAX_LENGTH = 4000;

    /**
     * @param  string|null  $screen  null on the wall beside the screens
     * @param  string|null  $layer  null where it is tied to a place
     * @param  float  $x  px from the corner of the screen, or of the wall
     */
    public function __construct(
        #[Is\Whole(1, 1_000_000)] public int $number,
        #[Is\Id] public ?string $screen,
        #[Is\Id] public ?string $layer,
        #[Is\Number] public float $x,
        #[Is\Number] public float $y,
        #[Is\Words(self::MAX_LENGTH, empty: false)] public string $words,
        #[Is\Flag] public bool $resolved = false,
        #[Is\Words(Reader::MAX_NAME)] public string $author = '',
        #[Is\Moment] public string $written = '',
    ) {
    }
}
