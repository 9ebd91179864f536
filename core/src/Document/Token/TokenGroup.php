<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** What a file of design tokens says of a group, beside its tokens, as JSON: so a file comes out as it went in. The outermost has no name. */
final readonly class TokenGroup implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX = 500;

    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(Token::MAX_NAME)] public string $name,
        #[Is\Words(20_000)] public string $more,
    ) {
    }

    public function called(): string
    {
        return $this->name === '' ? 'house style' : $this->name;
    }
}
