<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How widgets are dressed in a project, and on screens that show a theme of their own, as JSON. */
    public function up(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->text('look')->nullable());
        Schema::table('projects', fn (Blueprint $table) => $table->text('look')->nullable());
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('look'));
        Schema::table('projects', fn (Blueprint $table) => $table->dropColumn('look'));
    }
};
