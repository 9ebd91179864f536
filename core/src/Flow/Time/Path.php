<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

use Kindred\Flow\Map\Step;

/** Steps after one another, with what each takes. */
final readonly class Path
{
    /** @param  list<array{Step, list<Timed>}>  $steps */
    public function __construct(public array $steps)
    {
    }

    /** s */
    public function seconds(): float
    {
        return array_sum(array_map(fn (array $one): float => Timed::total($one[1]), $this->steps));
    }

    /** The screens that it leads over, without the first. */
    public function key(): string
    {
        return implode(' ', array_map(fn (array $one): string => "{$one[0]->to}/{$one[0]->cue->id}", $this->steps));
    }
}
