<?php

declare(strict_types=1);

use App\Canvas\References;
use App\Models\Project;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What names what in a document, so that what depends on a thing is found without looking through all of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('refers', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->string('entity', 20)->collation('ascii_bin');
            $table->string('id', 26)->collation('ascii_bin');
            $table->string('path', 120)->collation('ascii_bin');
            $table->string('kind', 20)->collation('ascii_bin');
            $table->string('target', 26)->collation('ascii_bin');
            $table->primary(['project_id', 'entity', 'id', 'path']);
            $table->index(['project_id', 'kind', 'target']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });
        Project::query()->each(fn (Project $project) => app(References::class)->record($project));
    }

    public function down(): void
    {
        Schema::drop('refers');
    }
};
