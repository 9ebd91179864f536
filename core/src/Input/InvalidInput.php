<?php

declare(strict_types=1);

namespace Kindred\Input;

/** What came in breaks a rule; `place` names where, such as `screens[2].layers[5].fills[0]`. */
final class InvalidInput extends \DomainException
{
    public function __construct(public readonly string $place, public readonly string $problem)
    {
        parent::__construct($place === '' ? $problem : "{$place}: {$problem}");
    }
}
