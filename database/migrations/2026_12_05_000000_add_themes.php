<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The theme that a screen shows, and that of a project where screens have none of their own. */
    public function up(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->string('theme', 40)->nullable());
        Schema::table('projects', fn (Blueprint $table) => $table->string('theme', 40)->nullable());
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('theme'));
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('theme'));
    }
};
