<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('screens', function (Blueprint $table): void {
            $table->json('take')->nullable();
            $table->json('criteria')->nullable();
            $table->string('condition', 20)->nullable();
            $table->string('condition_of', 26)->nullable();
            $table->json('tracing')->nullable();
        });
        // Notes that come from a file keep who wrote them, who may have no account here.
        Schema::table('notes', fn (Blueprint $table) => $table->string('author', 120)->default(''));
        Schema::create('entries', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->string('id', 26)->collation('ascii_bin');
            $table->string('rank', 120)->collation('ascii_bin');
            $table->mediumText('body');
            $table->primary(['project_id', 'id']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('entries');
        Schema::table('notes', fn (Blueprint $table) => $table->dropColumn('author'));
        Schema::table('screens', fn (Blueprint $table) => $table->dropColumn(['take', 'criteria', 'condition', 'condition_of', 'tracing']));
    }
};
