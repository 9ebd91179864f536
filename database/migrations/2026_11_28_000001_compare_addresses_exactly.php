<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** E-mail addresses are compared letter by letter; they are kept in lower case. */
return new class extends Migration
{
    public function up(): void
    {
        DB::update('update users set email = lower(email)');
        Schema::table('users', function (Blueprint $table): void {
            $table->string('email')->collation('utf8mb4_bin')->change();
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('email')->collation('utf8mb4_uca1400_ai_ci')->change();
        });
    }
};
