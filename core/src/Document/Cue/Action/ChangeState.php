<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Action;

use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Layer;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** Shows an instance in another state of its component: one that is named, or the next of the axis. */
final readonly class ChangeState implements Action
{
    use Declared;

    /**
     * @param  string|null  $state  null for the next one, after the last the first
     * @param  string|null  $instance  which one; null for that in which the layer of the cue lies, or that is this layer
     */
    public function __construct(
        #[Is\Id] public string $axis,
        #[Is\Id] public ?string $state = null,
        #[Is\Id(to: Layer::class, sparse: true)] public ?string $instance = null,
    ) {
    }

    public static function kind(): string
    {
        return 'state';
    }

    public static function label(): string
    {
        return 'Change a state';
    }

    public static function moves(): bool
    {
        return true;
    }

    /** How it moves until it is said otherwise. */
    public static function usualTransition(): Transition
    {
        return new Transition(TransitionKind::Dissolve, Direction::Left, 200, 0, Easing::parse('ease-out'));
    }
}
