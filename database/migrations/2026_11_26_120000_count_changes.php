<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Patterns and makes count their changes, as cards do: what was changed elsewhere is not written over in silence. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['patterns', 'makes'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->unsignedInteger('version')->default(1));
        }
    }

    public function down(): void
    {
        foreach (['patterns', 'makes'] as $table) {
            Schema::table($table, fn (Blueprint $columns) => $columns->dropColumn('version'));
        }
    }
};
