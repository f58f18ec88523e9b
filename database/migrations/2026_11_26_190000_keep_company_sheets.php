<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of each pattern: who is on its company sheet, the choices for all, and where somebody's are others. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('patterns', static function (Blueprint $table): void {
            $table->json('company')->default('{}');
        });
    }

    public function down(): void
    {
        Schema::table('patterns', static fn (Blueprint $table) => $table->dropColumn('company'));
    }
};
