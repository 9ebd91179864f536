<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Screen;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Returns to the screen before, to the first one, or to one that was shown on the way. */
final readonly class GoBack implements Action
{
    use Declared;

    /**
     * @param  string|null  $to  the screen of the way here to which it returns; null for the one before
     * @param  bool  $first  whether to where the rehearsal began
     */
    public function __construct(
        #[Is\Id(to: Screen::class, sparse: true)] public ?string $to = null,
        #[Is\Flag(sparse: true)] public bool $first = false,
    ) {
    }

    public static function kind(): string
    {
        return 'return';
    }

    public static function label(): string
    {
        return 'Return';
    }

    public static function moves(): bool
    {
        return true;
    }
}
