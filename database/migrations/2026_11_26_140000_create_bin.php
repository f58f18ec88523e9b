<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is deleted waits in a bin, each time with all that went along; houses count their changes. */
return new class extends Migration
{
    private const KEPT = ['wearers', 'cards', 'patterns', 'makes', 'houses'];

    public function up(): void
    {
        Schema::create('bin_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('name');
            $table->timestamps();
        });
        foreach (self::KEPT as $table) {
            // Laravel would build the table anew for this, and with it let everything go that depends on its rows.
            DB::statement("alter table {$table} add column bin_entry_id integer null references bin_entries (id) on delete cascade");
            Schema::table($table, fn (Blueprint $columns) => $columns->index('bin_entry_id'));
        }
        // The bin is empty yet, so an entry can have the number of its card.
        DB::statement("insert into bin_entries (id, user_id, kind, name, created_at, updated_at)
            select cards.id, cards.user_id, 'card', wearers.name || ', ' || substr(taken_on, 1, 10), deleted_at, deleted_at
            from cards join wearers on wearers.id = wearer_id where deleted_at is not null");
        DB::statement('update cards set bin_entry_id = id where deleted_at is not null');
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn('deleted_at'));
        Schema::table('houses', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            $table->dropUnique(['user_id', 'name']);
        });
        // A house in the bin does not keep its name from another.
        DB::statement('create unique index houses_name_in_use on houses (user_id, name) where bin_entry_id is null');
    }
};
