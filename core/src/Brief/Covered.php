<?php

declare(strict_types=1);

namespace Kindred\Brief;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Tie;

/** How a requirement stands: what fails, in sentences, and what it is met by. */
final readonly class Covered
{
    /**
     * @param  list<string>  $problems
     * @param  list<array{tie: Tie, name: string, layer: ?string, screen: ?string, problem: ?string}>  $ties  what each leads to now; null where it is gone
     */
    public function __construct(public Entry $requirement, public Status $status, public array $problems, public array $ties)
    {
    }

    /** Whether it speaks of a screen: it is one of that screen, or tied to something on it. */
    public function speaksOf(string $screen): bool
    {
        return $this->requirement->screen === $screen || in_array($screen, array_column($this->ties, 'screen'), true);
    }
}
