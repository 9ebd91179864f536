<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Layer\Overrides;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * How the layers of a component are otherwise where it is in some states: in one, or in several at once.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class StateOverrides implements Stored
{
    use Declared;

    /**
     * @param  array<string, string>  $in  the states in all of which it holds, by axis
     * @param  Values  $layers  only the properties that differ
     */
    public function __construct(
        #[Is\Dictionary(26)] public array $in,
        #[Overrides(2)] public array $layers = [],
    ) {
    }

    /** @param  array<string, string>  $states  by axis */
    public function holds(array $states): bool
    {
        return array_diff_assoc($this->in, $states) === [];
    }
}
