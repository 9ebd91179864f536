<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** From a requirement to what is to meet it. What it leads to may be gone: coverage tells. `name` is what that was called when it was tied. */
final readonly class Tie implements Stored
{
    use Declared;

    public function __construct(
        #[Is\Choice] public TieKind $kind,
        #[Is\Id(by: 'kind')] public string $id,
        #[Is\Words(Reader::MAX_NAME)] public string $name = '',
    ) {
    }

    public function is(self $other): bool
    {
        return $this->kind === $other->kind && $this->id === $other->id;
    }
}
