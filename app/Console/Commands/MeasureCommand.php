<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Layout\Measurement;
use Kindred\Layout\OnDevice;
use Kindred\Layout\Relayout;

final class MeasureCommand extends Command
{
    protected $signature = 'kindred:measure
        {file : A project file}
        {--screen= : The id or the name of one screen; all screens when none is named}
        {--device= : A device of the catalogue, by key or name, on which the screens are laid out}';

    protected $description = 'Print the computed box of every layer of a project file as JSON';

    public function handle(Relayout $relayout, OnDevice $onDevice, Measurement $measurement): int
    {
        $json = @file_get_contents($this->argument('file'));
        if ($json === false) {
            return $this->refuse('The file cannot be read.', self::FAILURE);
        }
        try {
            $file = ProjectFile::read($json)->tree;
        } catch (InvalidInput $problem) {
            return $this->refuse($problem->getMessage(), self::FAILURE);
        }
        $screens = array_filter($file->reel(), fn (Screen $screen): bool => in_array($this->option('screen'), [null, $screen->id, $screen->name], true));
        if ($screens === []) {
            return $this->refuse('There is no such screen in the file; it holds '.(implode(', ', array_map(fn (Screen $screen): string => "{$screen->id} ({$screen->name})", $file->reel())) ?: 'none').'.', self::INVALID);
        }
        $device = $this->device();
        if ($device === false) {
            return $this->refuse('There is no such device; known are '.implode(', ', array_map(fn ($one): string => $one->key, Catalogue::all())).'.', self::INVALID);
        }
        $tree = $relayout->after(new Tree($file->project), $file);
        $boxes = [];
        foreach ($screens as $screen) {
            array_push($boxes, ...$measurement->of($device === null ? $tree : $onDevice->lay($tree, $screen->id, $device), $screen->id));
        }
        $this->output->writeln(json_encode($boxes, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), $this->output::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function device(): Device|false|null
    {
        $asked = $this->option('device');
        if (! is_string($asked)) {
            return null;
        }
        foreach (Catalogue::all() as $device) {
            if (in_array(mb_strtolower($asked), [$device->key, mb_strtolower($device->name)], true)) {
                return $device;
            }
        }

        return false;
    }

    /** What is wrong goes to the error stream, so that the output is JSON or nothing. */
    private function refuse(string $problem, int $code): int
    {
        $this->output->getErrorStyle()->writeln($problem);

        return $code;
    }
}
