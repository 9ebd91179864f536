<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The version in which a layer and a step of the log were written; earlier ones are brought to the present one as they are read. */
return new class extends Migration
{
    private const TABLES = ['layers', 'edits'];

    public function up(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->unsignedTinyInteger('format')->default(1));
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('format'));
        }
    }
};
