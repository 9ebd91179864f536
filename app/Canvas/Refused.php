<?php

declare(strict_types=1);

namespace App\Canvas;

/** An edit was not made, because somebody else's stands in the way. Nothing was changed. */
final class Refused extends \DomainException
{
}
