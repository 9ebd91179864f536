<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'kindred:demo {--once : Do nothing when any account exists}';

    protected $description = 'Load the demo: an account and the project Fernhollow Pottery';

    public function handle(): int
    {
        if ($this->option('once') && User::query()->exists()) {
            return self::SUCCESS;
        }
        $this->call('db:seed', ['--class' => DatabaseSeeder::class, '--force' => true]);

        return self::SUCCESS;
    }
}
