<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A font that was brought into a project: one weight of a family, upright or italic, and the SHA-256 by which its file is kept. */
final readonly class OwnFace implements Stored
{
    use Declared;

    /** Letters, digits and what names of families have beside: nothing that could end a name in CSS. */
    public const NAME = '^[\p{L}\p{N}][\p{L}\p{M}\p{N} ._+&-]{0,79}$';

    public function __construct(
        #[Is\Words(80, false, self::NAME, 'a family is named by letters, digits, spaces and . _ + & -')] public string $family,
        #[Is\Whole(1, 1000)] public int $weight,
        #[Is\Flag] public bool $italic,
        #[Is\Hash] public string $asset,
    ) {
    }

    /**
     * The families of which two lists do not have the same faces.
     *
     * @param  list<self>  $one
     * @param  list<self>  $other
     * @return list<string>
     */
    public static function changed(array $one, array $other): array
    {
        if ($one === $other) {
            return [];
        }
        $families = [];
        foreach ([[$one, $other], [$other, $one]] as [$these, $those]) {
            $known = array_map(fn (self $face): string => $face->key(), $those);
            foreach ($these as $face) {
                if (! in_array($face->key(), $known, true)) {
                    $families[$face->family] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($families));
    }

    /** What it is in words: of each of these a project has one. */
    public function cut(): string
    {
        return "{$this->family} {$this->weight} {$this->italic}";
    }

    /** What tells it from all others. */
    public function key(): string
    {
        return "{$this->cut()} {$this->asset}";
    }
}
