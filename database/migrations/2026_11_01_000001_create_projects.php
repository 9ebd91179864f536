<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('projects', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->string('entry', 26)->nullable();
            $table->unsignedBigInteger('sequence')->default(0);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'deleted_at', 'updated_at']);
        });

        Schema::create('screens', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->string('id', 26)->collation('ascii_bin');
            $table->string('rank', 120)->collation('ascii_bin');
            $table->string('name', 120);
            $table->string('device', 40);
            $table->double('x');
            $table->double('y');
            $table->double('width');
            $table->double('height');
            $table->double('view');
            $table->string('ground', 9);
            $table->json('cues');
            $table->unsignedBigInteger('changed')->default(0);
            $table->primary(['project_id', 'id']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });

        // One row a layer, placed in its parent: moving a group or changing the order touches one row.
        Schema::create('layers', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->string('id', 26)->collation('ascii_bin');
            $table->string('screen', 26)->collation('ascii_bin')->default('');
            $table->string('parent', 26)->collation('ascii_bin')->default('');
            $table->string('rank', 120)->collation('ascii_bin');
            $table->string('kind', 20);
            $table->double('x');
            $table->double('y');
            $table->double('width');
            $table->double('height');
            $table->mediumText('body');
            $table->unsignedBigInteger('changed')->default(0);
            $table->primary(['project_id', 'id']);
            $table->index(['project_id', 'screen', 'parent', 'rank']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });

        // Only ever added to, but for the mark that an edit was undone.
        Schema::create('edits', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->unsignedBigInteger('sequence');
            $table->unsignedBigInteger('user_id');
            $table->string('kind', 8);
            $table->string('label', 200);
            $table->string('token', 64)->nullable();
            $table->unsignedBigInteger('target')->nullable();
            $table->boolean('undone')->default(false);
            $table->json('touched');
            $table->longText('difference');
            $table->timestamp('created_at', 3)->useCurrent();
            $table->primary(['project_id', 'sequence']);
            $table->unique(['project_id', 'token']);
            $table->index(['project_id', 'user_id', 'kind', 'undone', 'sequence']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });

        Schema::create('assets', function (Blueprint $table): void {
            $table->unsignedBigInteger('project_id');
            $table->char('hash', 64)->collation('ascii_bin');
            $table->string('type', 20);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->string('name', 120);
            $table->timestamp('created_at')->useCurrent();
            $table->primary(['project_id', 'hash']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        foreach (['assets', 'edits', 'layers', 'screens', 'projects'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
