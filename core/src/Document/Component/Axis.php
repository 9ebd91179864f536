<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * What a component can be otherwise in, with its states: "State" with on and off, "Size" with small and large. The first state is
 * how its layers are designed.
 */
final readonly class Axis implements Stored
{
    use Declared;

    public const MAX_STATES = 24;

    /** @param  list<State>  $states */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Name] public string $name,
        #[Is\Records(State::class, self::MAX_STATES)] public array $states = [],
    ) {
    }

    public function state(string $id): ?State
    {
        return array_column($this->states, null, 'id')[$id] ?? null;
    }

    /** With a state in the place of the one that has its id, or after all others. */
    public function withState(State $state): self
    {
        return $this->with(states: array_values([...array_column($this->states, null, 'id'), $state->id => $state]));
    }

    /** The state that holds where nothing else is said, or a state that is not there. */
    public function state0(): ?State
    {
        return $this->states[0] ?? null;
    }
}
