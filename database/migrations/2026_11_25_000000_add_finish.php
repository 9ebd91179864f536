<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('projects', fn (Blueprint $table) => $table->string('finish', 10)->default('dressed'));
        Schema::table('screens', fn (Blueprint $table) => $table->string('finish', 10)->nullable());
    }

    public function down(): void
    {
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('finish'));
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('finish'));
    }
};
