<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('projects', fn (Blueprint $table) => $table->json('icons')->nullable());
        Schema::table('users', fn (Blueprint $table) => $table->json('icons')->nullable());
    }

    public function down(): void
    {
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('icons'));
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('icons'));
    }
};
