<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What came with the demo can be taken out of a workroom again. */
return new class extends Migration
{
    private const TABLES = ['wearers', 'patterns', 'houses'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static function (Blueprint $columns): void {
                $columns->boolean('is_demo')->default(false);
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static fn (Blueprint $columns) => $columns->dropColumn('is_demo'));
        }
    }
};
