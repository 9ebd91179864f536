<?php

declare(strict_types=1);

namespace Kindred\Document\Check;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** A finding of a check that somebody has put aside, and why: it is not counted, and not marked on the wall. */
final readonly class Aside implements Thing
{
    use Declared;
    use KeptWhole;

    /** In a project. */
    public const MAX = 5000;

    public const MAX_REASON = 500;

    /** Characters of what a finding is about. */
    public const MAX_ABOUT = 2000;

    /**
     * @param  string  $rule  the key of the rule
     * @param  string  $about  what the finding is about, as it says itself
     */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(RuleSetting::MAX_KEY, empty: false)] public string $rule,
        #[Is\Words(self::MAX_ABOUT, empty: false)] public string $about,
        #[Is\Words(self::MAX_REASON, empty: false)] public string $reason,
    ) {
    }

    /** The id of the one decision about a finding. */
    public static function idOf(string $rule, string $about): string
    {
        return 'a'.substr(hash('sha256', "{$rule} {$about}"), 0, 15);
    }

    public function called(): string
    {
        return 'finding that was put aside';
    }
}
