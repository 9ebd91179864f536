<?php

declare(strict_types=1);

namespace App\Canvas;

/** An edit was not made, because somebody else's stands in the way, or there is none to be undone. Nothing was changed. */
final class Refused extends \DomainException
{
    /** @param  string  $place  what it is about */
    public function __construct(string $message, public readonly string $place = '')
    {
        parent::__construct($message);
    }
}
