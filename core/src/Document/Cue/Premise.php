<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** A condition of a cue, and how it is joined to the one before it: `and` binds closer than `or`. */
final readonly class Premise implements Stored
{
    use Declared;

    /** @param  bool  $or  whether it, with what is joined to it by `and`, is another way for the cue to happen */
    public function __construct(
        #[Is\Inlined(CueCondition::ALL, named: true, label: 'condition')] public CueCondition $condition,
        #[Is\Flag(sparse: true)] public bool $or = false,
    ) {
    }
}
