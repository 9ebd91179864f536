<?php

declare(strict_types=1);

namespace App\Storage;

/** There is no turn for this now; the same may be asked again. */
final class Busy extends \RuntimeException
{
}
