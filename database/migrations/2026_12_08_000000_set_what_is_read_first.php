<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** In which order layers are meant to be met, as JSON. */
    public function up(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->mediumText('reading')->nullable());
    }

    public function down(): void
    {
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn('reading'));
    }
};
