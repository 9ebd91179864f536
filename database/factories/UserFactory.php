<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        static $count = 0;
        $count++;

        return ['name' => "Potter {$count}", 'email' => "potter{$count}@fernhollow.example", 'password' => 'clay and water'];
    }
}
