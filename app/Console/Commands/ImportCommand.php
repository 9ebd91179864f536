<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Console\Command;
use Kindred\Input\InvalidInput;

final class ImportCommand extends Command
{
    protected $signature = 'kindred:import
        {file* : Project files}
        {--owner= : The e-mail of the account that gets the projects}';

    protected $description = 'Import project files';

    public function handle(Projects $projects): int
    {
        $email = (string) ($this->option('owner') ?? config('kindred.demo.email'));
        $owner = User::query()->where('email', $email)->first();
        if ($owner === null) {
            $this->error("There is no account {$email}; name one with --owner=E-MAIL.");

            return self::INVALID;
        }
        $failed = false;
        foreach ($this->output->progressIterate((array) $this->argument('file')) as $file) {
            try {
                $this->newLine();
                is_readable($file)
                    ? $this->info("{$file}: project ".$projects->importFile($owner, $file)->id)
                    : throw new InvalidInput('', 'the file cannot be read');
            } catch (InvalidInput $problem) {
                $failed = true;
                $this->error("{$file}: {$problem->getMessage()}");
            }
        }

        return $failed ? self::FAILURE : self::SUCCESS;
    }
}
