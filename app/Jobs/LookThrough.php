<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Canvas\Checks;
use App\Models\Project;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks through a large project that has just come in, so that what checks find is known before anybody asks. */
final class LookThrough implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 120;

    public bool $deleteWhenMissingModels = true;

    /** Seconds; what is left then is looked at when somebody opens the project. */
    private const PATIENCE = 60.0;

    public function __construct(public readonly Project $project)
    {
    }

    public function handle(Checks $checks): void
    {
        $checks->ahead($this->project, patience: self::PATIENCE);
    }
}
