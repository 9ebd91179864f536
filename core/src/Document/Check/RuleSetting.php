<?php

declare(strict_types=1);

namespace Kindred\Document\Check;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Whether a project checks by a rule, and the limit that it sets for it; null for the usual one. */
final readonly class RuleSetting implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX = 200;

    /** Characters of the key of a rule. */
    public const MAX_KEY = 40;

    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(self::MAX_KEY, empty: false)] public string $rule,
        #[Is\Flag] public bool $on = true,
        #[Is\Number(0, 10_000)] public ?float $limit = null,
    ) {
    }

    /** The id of the one setting of a rule. */
    public static function idOf(string $rule): string
    {
        return 'r'.substr(hash('sha256', $rule), 0, 15);
    }

    public function called(): string
    {
        return 'setting of a check';
    }
}
