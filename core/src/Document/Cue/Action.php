<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\Show;
use Kindred\Property\Kinded;

/** What a cue does. A further kind is a class here and a line in the register. */
interface Action extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [Show::class, GoBack::class, ChangeState::class];

    /** As people choose it. */
    public static function label(): string;

    /** The screen that it leads to; null for one that names none. */
    public function target(): ?string;
}
