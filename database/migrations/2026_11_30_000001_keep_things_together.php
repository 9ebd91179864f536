<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Things of a document that need no table of their own stand in one, by their kind; the entries of briefs were the first. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('entries', 'things');
        Schema::table('things', fn (Blueprint $table) => $table->string('entity', 20)->collation('ascii_bin')->default('entry')->after('project_id'));
    }

    public function down(): void
    {
        Schema::table('things', fn (Blueprint $table) => $table->dropColumn('entity'));
        Schema::rename('things', 'entries');
    }
};
