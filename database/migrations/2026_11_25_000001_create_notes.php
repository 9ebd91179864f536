<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Screen and layer may be deleted: a note outlives what it is about.
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('project_id');
            $table->foreignId('user_id')->constrained();
            $table->unsignedInteger('number');
            $table->string('screen', 26)->default('');
            $table->string('layer', 26)->default('');
            $table->double('x');
            $table->double('y');
            $table->text('words');
            $table->boolean('resolved')->default(false);
            $table->timestamps();
            // Numbers are never given twice.
            $table->softDeletes();
            $table->unique(['project_id', 'number']);
            $table->foreign('project_id')->references('id')->on('projects')->cascadeOnDelete();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('notes');
    }
};
