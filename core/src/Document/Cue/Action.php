<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\LayOver;
use Kindred\Document\Cue\Action\OpenAddress;
use Kindred\Document\Cue\Action\Replace;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Action\SetValue;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Action\TakeOff;
use Kindred\Property\Kinded;

/** What a cue does. A further kind is a class here and a line in the register. */
interface Action extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [
        Show::class, GoBack::class, LayOver::class, TakeOff::class, Replace::class, ChangeState::class, SetValue::class,
        ScrollTo::class, FocusField::class, OpenAddress::class,
    ];

    /** As people choose it. */
    public static function label(): string;

    /** Whether something moves when it is done, so that it has a transition. */
    public static function moves(): bool;
}
