<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A set of values for tokens, such as those of a dark interface or of a second brand. What a theme says nothing of is as it is without one. */
final readonly class Theme implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX = 12;

    /** In the place of a theme's id: the values that tokens have without one, whatever the project shows. */
    public const NONE = 'base';

    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(60, empty: false)] public string $name,
    ) {
    }

    public function called(): string
    {
        return $this->name;
    }
}
