<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Condition\FieldsAreRight;
use Kindred\Document\Cue\Condition\SignalIs;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Property\Kinded;

/** What has to hold for a cue to happen. A further kind is a class here and a line in the register. */
interface CueCondition extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [FieldsAreRight::class, SignalIs::class, StateIs::class];

    /** As people choose it. */
    public static function label(): string;
}
