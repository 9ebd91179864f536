<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What somebody said of a match: which layer becomes which, or that one has no other, and how much later than the first it begins, ms.
 * Layers are named by their addresses on their screens, an empty one for none.
 */
final readonly class Pair implements Stored
{
    use Declared;

    public const MAX_DELAY = 5_000;

    public function __construct(
        #[Is\Words(900, sparse: true)] public string $from = '',
        #[Is\Words(900, sparse: true)] public string $to = '',
        #[Is\Duration(self::MAX_DELAY, absent: [0])] public int $delay = 0,
    ) {
    }

    public function turned(): self
    {
        return $this->with(from: $this->to, to: $this->from);
    }
}
