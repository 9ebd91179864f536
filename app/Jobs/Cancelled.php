<?php

declare(strict_types=1);

namespace App\Jobs;

/** Work was cancelled; what it has done so far is undone. */
final class Cancelled extends \RuntimeException
{
}
