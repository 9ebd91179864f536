<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What a screen is as one of several versions of the same.
 *
 * `of` names the screen whose place on the wall it could take; null for the keeper, which hangs there. `judgements`
 * are the designer's own, by criterion.
 */
final readonly class Take implements Stored
{
    use Declared;

    public const MAX_REASON = 2000;

    public const MAX_JUDGEMENT = 300;

    /** Takes of one screen, the keeper among them. */
    public const MAX = 26;

    /** @param  array<string, string>  $judgements */
    public function __construct(
        #[Is\Id(to: Screen::class)] public ?string $of,
        #[Is\Name] public string $name,
        #[Is\Words(self::MAX_REASON)] public string $reason = '',
        #[Is\Dictionary(self::MAX_JUDGEMENT)] public array $judgements = [],
    ) {
    }

    /**
     * The name of the next one: the first letter that is free.
     *
     * @param  list<string>  $taken
     */
    public static function nameBeside(array $taken): string
    {
        $free = array_values(array_diff(str_split('ABCDEFGHIJKLMNOPQRSTUVWXYZ'), $taken));

        return $free[0] ?? 'Take '.(count($taken) + 1);
    }
}
