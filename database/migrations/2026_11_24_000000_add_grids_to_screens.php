<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('screens', function (Blueprint $table): void {
            $table->json('grids')->default('[]');
            $table->json('guides')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn(['grids', 'guides']));
    }
};
