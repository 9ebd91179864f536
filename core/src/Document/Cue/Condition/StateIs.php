<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Condition;

use Kindred\Document\Cue\CueCondition;
use Kindred\Document\Layer;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/** An instance is in a state of its component. */
final readonly class StateIs implements CueCondition
{
    use Declared;

    /** @param  string|null  $instance  which one; null for that in which the layer of the cue lies, or that is this layer */
    public function __construct(
        #[Is\Id] public string $axis,
        #[Is\Id] public string $state,
        #[Is\Flag(sparse: true)] public bool $not = false,
        #[Is\Id(to: Layer::class, sparse: true)] public ?string $instance = null,
    ) {
    }

    public static function kind(): string
    {
        return 'state';
    }

    public static function label(): string
    {
        return 'A state';
    }
}
