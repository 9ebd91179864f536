<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Canvas\Projects;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Database\Demo\GlazeShop;
use Database\Demo\KilnShelf;
use Database\Demo\StudioParts;
use Illuminate\Database\Seeder;
use Kindred\Command\Runner;

final class DatabaseSeeder extends Seeder
{
    public function run(Projects $projects, Runner $runner): void
    {
        $user = User::query()->firstOrCreate(
            ['email' => config('kindred.demo.email')],
            ['name' => 'Maren Oake', 'password' => config('kindred.demo.password')],
        );
        // The shelf shows first what was worked on last.
        $projects->import($user, StudioParts::file($runner));
        $projects->import($user, GlazeShop::file());
        $projects->import($user, FernhollowPottery::file());
        $projects->import($user, KilnShelf::file());
    }
}
