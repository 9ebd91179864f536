<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Canvas\Projects;
use App\Models\Work;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Kindred\Input\InvalidInput;

/** Imports a project file that is too large for a request. */
final class ImportProject implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 600;

    /** Seconds between two checks of whether it was cancelled. */
    private const OFTEN = 0.2;

    public function __construct(public readonly Work $work, public readonly string $path)
    {
    }

    public function handle(Projects $projects): void
    {
        $this->work->update(['state' => 'running']);
        $size = max(1, (int) filesize($this->path));
        $looked = 0.0;
        try {
            $project = $projects->importFile($this->work->user, $this->path, function (int $read) use ($size, &$looked): void {
                if (microtime(true) - $looked > self::OFTEN) {
                    $looked = microtime(true);
                    $this->work->advance($read / $size);
                }
            });
            $this->work->update(['state' => 'done', 'project_id' => $project->id]);
            // It is there, whether that can wait for its turn or not.
            rescue(fn () => LookThrough::dispatch($project)->onQueue('long'));
        } catch (InvalidInput $problem) {
            $this->work->update(['state' => 'failed', 'problem' => $problem->getMessage()]);
        } catch (Cancelled) {
            $this->work->update(['state' => 'cancelled']);
        } finally {
            @unlink($this->path);
        }
    }

    public function failed(?\Throwable $problem): void
    {
        @unlink($this->path);
        $this->work->update(['state' => 'failed', 'problem' => 'It was interrupted, and nothing of it was kept. Try it again.']);
    }
}
