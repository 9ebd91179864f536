<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Canvas\Exports;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;

final class ExportCommand extends Command
{
    protected $signature = 'kindred:export
        {project : The number or the name of the project}
        {folder : The folder that the files go into}
        {--as=* : page, project, svg, png (several may be given; all when none is)}
        {--screen=* : Names or ids of single screens, for svg and png}
        {--scale=* : 1, 2 or 3, for png}';

    protected $description = 'Write a project as one web page, as a project file, and its screens as SVG and PNG';

    private const KINDS = ['page', 'project', 'svg', 'png'];

    public function handle(Exports $exports, TreeLoader $store): int
    {
        $project = $this->project();
        $kinds = $this->chosen('as', self::KINDS);
        $scales = array_map(intval(...), $this->chosen('scale', ['1', '2', '3']));
        if ($project === null || $kinds === [] || $scales === []) {
            return self::INVALID;
        }
        $folder = rtrim($this->text('folder'), '/');
        if (! is_dir($folder) && ! @mkdir($folder, 0755, true)) {
            $this->error("The folder {$folder} cannot be made.");

            return self::FAILURE;
        }
        $jobs = $this->jobs($exports, $store, $project, $kinds, $scales);
        if ($jobs === null) {
            return self::INVALID;
        }
        foreach ($this->output->progressIterate($jobs) as $file => $write) {
            if (! $this->write("{$folder}/{$file}", $write())) {
                $this->newLine();
                $this->error("{$folder}/{$file} cannot be written.");

                return self::FAILURE;
            }
        }
        $this->info(count($jobs).(count($jobs) === 1 ? ' file is' : ' files are')." in {$folder}.");

        return self::SUCCESS;
    }

    /** @param  string|iterable<string>  $bytes */
    private function write(string $path, string|iterable $bytes): bool
    {
        $file = @fopen($path, 'wb');
        if ($file === false) {
            return false;
        }
        $whole = true;
        foreach (is_string($bytes) ? [$bytes] : $bytes as $piece) {
            $whole = $whole && @fwrite($file, $piece) === strlen($piece);
        }

        return fclose($file) && $whole;
    }

    private function text(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    private function project(): ?Project
    {
        $named = $this->text('project');
        /** @var Collection<int, Project> $found */
        $found = Project::query()->where(ctype_digit($named) ? 'id' : 'name', $named)->limit(2)->get();
        if ($found->count() !== 1) {
            $this->error($found->isEmpty() ? "There is no project “{$named}”." : "Several projects are called “{$named}”; name one by its number.");

            return null;
        }

        return $found->first();
    }

    /**
     * @param  list<string>  $known
     * @return list<string> what was asked for, or all that is known; nothing when something else was asked for
     */
    private function chosen(string $option, array $known): array
    {
        $asked = array_values((array) $this->option($option));
        foreach (array_diff($asked, $known) as $other) {
            $this->error("--{$option}={$other} is not known; choose from ".implode(', ', $known).'.');

            return [];
        }

        return $asked === [] ? $known : $asked;
    }

    /**
     * @param  list<string>  $kinds
     * @param  list<int>  $scales
     * @return array<string, \Closure(): (string|iterable<string>)>|null what to write into each file
     */
    private function jobs(Exports $exports, TreeLoader $store, Project $project, array $kinds, array $scales): ?array
    {
        $name = Exports::fileName($project->name);
        $jobs = [];
        if (in_array('page', $kinds, true)) {
            $jobs["{$name}.html"] = fn (): string => $exports->page($project);
        }
        if (in_array('project', $kinds, true)) {
            $jobs["{$name}.kindred.json"] = fn (): \Generator => $exports->project($project);
        }
        $asked = array_values((array) $this->option('screen'));
        $met = [];
        foreach ($store->withLayersOf($project, [])->reel() as $screen) {
            if ($asked !== [] && array_intersect($asked, [$screen->id, $screen->name]) === []) {
                continue;
            }
            array_push($met, $screen->id, $screen->name);
            $base = Exports::fileName($screen->name);
            $file = fn (string $ending): string => isset($jobs[$base.$ending]) ? "{$base} {$screen->id}{$ending}" : $base.$ending;
            if (in_array('svg', $kinds, true)) {
                $jobs[$file('.svg')] = fn (): string => $exports->svg($project, $screen->id);
            }
            foreach (in_array('png', $kinds, true) ? $scales : [] as $scale) {
                $jobs[$file($scale === 1 ? '.png' : "@{$scale}x.png")] = fn (): string => $exports->png($project, $screen->id, $scale);
            }
        }
        foreach (array_diff($asked, $met) as $lost) {
            $this->error("There is no screen “{$lost}” in {$project->name}.");

            return null;
        }

        return $jobs;
    }
}
