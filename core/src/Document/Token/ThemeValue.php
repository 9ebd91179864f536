<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** The value that a token has in a theme. `bound` and `source` are as those of a token; an alias leads to values of the same theme. */
final readonly class ThemeValue implements Thing
{
    use Declared;
    use KeptWhole;

    /** In all themes of a project. */
    public const MAX = 10_000;

    /** @param  array<string, string>  $bound  ids of tokens */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Id(to: Theme::class)] public string $theme,
        #[Is\Id(to: Token::class)] public string $token,
        #[OfToken] public TokenValue $value,
        #[Is\Bound(Token::class)] public array $bound = [],
        #[Is\Words(20_000, sparse: true)] public string $source = '',
    ) {
    }

    /** The id of the one value that a theme has for a token. */
    public static function idOf(string $theme, string $token): string
    {
        return 'v'.substr(hash('sha256', "{$theme} {$token}"), 0, 15);
    }

    public function called(): string
    {
        return 'value of a theme';
    }
}
