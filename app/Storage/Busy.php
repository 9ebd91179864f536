<?php

declare(strict_types=1);

namespace App\Storage;

/** All places for such work are taken; the request may be repeated. */
final class Busy extends \RuntimeException
{
}
