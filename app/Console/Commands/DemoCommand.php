<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Canvas\Checks;
use App\Canvas\Pictures;
use App\Models\Project;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'kindred:demo {--once : Do nothing when any account exists}';

    protected $description = 'Load the demo: an account and the project Fernhollow Pottery';

    public function handle(Pictures $pictures, Checks $checks): int
    {
        if ($this->option('once') && User::query()->exists()) {
            return self::SUCCESS;
        }
        $there = Project::query()->max('id') ?? 0;
        $this->call('db:seed', ['--class' => DatabaseSeeder::class, '--force' => true]);
        // Whoever opens it first, or copies it, waits for none of this; where it fails the demo is there all the same.
        foreach (Project::query()->where('id', '>', $there)->get() as $project) {
            rescue(fn () => $pictures->ahead($project));
            rescue(fn () => $checks->ahead($project, null, 60));
        }

        return self::SUCCESS;
    }
}
