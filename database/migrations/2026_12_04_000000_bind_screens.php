<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What of a screen has the value of a token, as JSON. */
    public function up(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->text('bound')->nullable());
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('bound'));
    }
};
