<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * What holds for a project as a whole: its name, the screen at which a rehearsal starts, the finish of screens that have none of
 * their own, and whether screens are shown in the frames of their devices.
 */
final readonly class Project implements Thing
{
    use Declared;
    use KeptWhole;

    public function __construct(
        #[Is\Name(affects: Is\Affects::Nothing)] public string $name,
        #[Is\Id(to: Screen::class, affects: Is\Affects::Nothing)] public ?string $entry = null,
        #[Is\Choice(affects: Is\Affects::Paint)] public Finish $finish = Finish::Dressed,
        #[Is\Flag(affects: Is\Affects::Paint)] public bool $framed = false,
    ) {
    }

    public function called(): string
    {
        return $this->name;
    }
}
