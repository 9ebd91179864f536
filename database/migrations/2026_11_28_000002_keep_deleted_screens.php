<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A deleted screen stays with its layers, out of sight: deleting and bringing back cost the same however much it holds. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('screens', function (Blueprint $table): void {
            $table->boolean('gone')->default(false);
        });
    }

    public function down(): void
    {
        DB::delete('delete layers from layers join screens on screens.project_id = layers.project_id and screens.id = layers.screen where screens.gone');
        DB::table('screens')->where('gone', true)->delete();
        Schema::table('screens', function (Blueprint $table): void {
            $table->dropColumn('gone');
        });
    }
};
