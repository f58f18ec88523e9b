<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Drawings wait in the bin as all else does, and the company sheet of a pattern counts its changes. */
return new class extends Migration
{
    public function up(): void
    {
        // Laravel would build the table anew for this.
        DB::statement('alter table nests add column bin_entry_id integer null references bin_entries (id) on delete cascade');
        Schema::table('nests', static function (Blueprint $table): void {
            $table->index('bin_entry_id');
            $table->dropUnique(['pattern_id', 'piece']);
        });
        DB::statement('create unique index nests_piece_in_use on nests (pattern_id, piece) where bin_entry_id is null');
        Schema::table('patterns', static function (Blueprint $table): void {
            $table->unsignedInteger('company_version')->default(1);
        });
    }
};
