<?php

declare(strict_types=1);

namespace App\Jobs;

/** Work is not wanted any more; what it has done so far is undone. */
final class Cancelled extends \RuntimeException
{
}
