<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\KeptWhole;
use Kindred\Document\Rank;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A named value of the house style (Design Tokens Format Module 2025.10). Its name is its path through the groups: `colour.clay`.
 *
 * `bound` says what of its value is that of another token: `value` for all of it, the name of a part otherwise. `source` is the value
 * as a file had it, and `more` what else stood beside it there, both as JSON; so a file comes out as it went in.
 */
final readonly class Token implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX = 2_000;

    public const MAX_NAME = 200;

    /** All of the value, among what is bound. */
    public const WHOLE = 'value';

    private const NAME = '^[^$.{}][^.{}]*(\.[^$.{}][^.{}]*)*$';

    /** @param  array<string, string>  $bound  ids of tokens */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(self::MAX_NAME, empty: false, pattern: self::NAME, otherwise: 'a token is named without $ at the start of a part, without braces, its groups with dots between: colour.clay')] public string $name,
        #[OfToken] public TokenValue $value,
        #[Is\Words(2_000, sparse: true)] public string $description = '',
        #[Is\Bound(self::class)] public array $bound = [],
        #[Is\Words(20_000, sparse: true)] public string $source = '',
        #[Is\Words(20_000, sparse: true)] public string $more = '',
    ) {
    }

    public function called(): string
    {
        return $this->name;
    }

    /** @return list<string> the names of its groups, from the innermost */
    public function groups(): array
    {
        $groups = [];
        for ($steps = explode('.', $this->name); count($steps) > 1;) {
            array_pop($steps);
            $groups[] = implode('.', $steps);
        }

        return $groups;
    }

    /**
     * @param  array<string, self>  $tokens  by id
     * @return array<string, self> in their order
     */
    public static function inOrder(array $tokens): array
    {
        uasort($tokens, Rank::compare(...));

        return $tokens;
    }
}
