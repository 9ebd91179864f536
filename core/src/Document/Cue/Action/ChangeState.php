<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Shows the instance in which its layer lies, or that is its layer, in another state of its component: one that is named, or the next of the axis. */
final readonly class ChangeState implements Action
{
    use Declared;

    /** @param  string|null  $state  null for the next one, after the last the first */
    public function __construct(
        #[Is\Id] public string $axis,
        #[Is\Id] public ?string $state = null,
    ) {
    }

    public static function kind(): string
    {
        return 'state';
    }

    public static function label(): string
    {
        return 'Change its state';
    }

    /** How it moves until it is said otherwise. */
    public static function usualTransition(): Transition
    {
        return new Transition(TransitionKind::Dissolve, Direction::Left, 200, 0, Easing::parse('ease-out'));
    }

    public function target(): null
    {
        return null;
    }
}
