<?php

declare(strict_types=1);

namespace Kindred\Document\Library;

use Kindred\Document\KeptWhole;
use Kindred\Document\Thing;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Another project, or a file, that this one has components, tokens, icons or conventions from. */
final readonly class Library implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX = 30;

    public const MAX_TAKEN = 5000;

    /**
     * @param  string  $project  its number on this server; empty for a file
     * @param  list<Taken>  $taken
     */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Name] public string $name,
        #[Is\Words(20)] public string $project = '',
        #[Is\Records(Taken::class, self::MAX_TAKEN)] public array $taken = [],
    ) {
    }

    public function called(): string
    {
        return $this->name;
    }

    public function taken(string $key): ?Taken
    {
        foreach ($this->taken as $one) {
            if ($one->key() === $key) {
                return $one;
            }
        }

        return null;
    }
}
