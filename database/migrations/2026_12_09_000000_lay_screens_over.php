<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** How screens lie over others, as JSON. */
    public function up(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->text('over')->nullable());
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('over'));
    }
};
