<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Canvas\Projects;
use App\Models\User;
use Database\Demo\FernhollowPottery;
use Database\Demo\KilnShelf;
use Illuminate\Database\Seeder;

final class DatabaseSeeder extends Seeder
{
    public function run(Projects $projects): void
    {
        $user = User::query()->firstOrCreate(
            ['email' => config('kindred.demo.email')],
            ['name' => 'Maren Oake', 'password' => config('kindred.demo.password')],
        );
        $projects->import($user, FernhollowPottery::file());
        $projects->import($user, KilnShelf::file());
    }
}
